import type { SwapView } from '../api/client';
import { show, type Units } from '../quantities';
import { list } from './list';
import { RuledRow } from './layout';
import { Text } from './text';

/** One ingredient exchanged for others, with what that changes. */
export function SwapLine({ swap: s, units }: { swap: SwapView; units: Units }) {
  const changes = [
    s.tells,
    change('solids', s.solidsKilograms),
    change('salt', s.saltKilograms),
    change('acid', s.acidKilograms),
    change('fat', s.fatKilograms),
    ...s.brings.map((b) => `brings ${b}`),
    ...s.takesAway.map((t) => `no more ${t}`),
  ];
  return (
    <RuledRow as="div">
      <Text>
        <b>
          {show.text(show.mass(s.massKilograms, units))} {s.was}
        </b>{' '}
        {s.instead.length === 0 ? (
          'is left out'
        ) : (
          <>
            gives way to{' '}
            {list(
              s.instead.map((x) => `${show.text(show.mass(x.massKilograms, units))} ${x.name}`),
            )}
          </>
        )}
      </Text>
      <Text tone="muted" size="note">
        {changes.filter(Boolean).join(' · ')}
      </Text>
    </RuledRow>
  );
}

/** From a tenth of a gram on. */
function change(what: string, kilograms: number): string {
  const grams = kilograms * 1000;
  return Math.abs(grams) < 0.1
    ? ''
    : `${grams > 0 ? '+' : '−'}${show.significant(Math.abs(grams), 2)} g ${what}`;
}
