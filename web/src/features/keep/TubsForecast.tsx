import { show, type Units } from '../../quantities';
import type { useTubs } from '../../api/lots';
import { Declaration } from '../../ui/Declaration';
import { Note } from '../../ui/Note';
import { Text } from '../../ui/text';
import { dayOf, longTime } from './lotWords';

type Tubs = NonNullable<ReturnType<typeof useTubs>['tubs']>;

/** How many tubs, how full, until when, and what is on their label. */
export function TubsForecast({ tubs, units }: { tubs: Tubs; units: Units }) {
  const poured = (cubic: number) => show.text(show.poured(cubic, units));
  return (
    <section aria-label="Tubs">
      <Text role="status" size="large" figures>
        {tubs.tubs} {tubs.tubs === 1 ? 'tub' : 'tubs'}
      </Text>
      <Text>
        Each filled to {poured(tubs.eachCubicMeters)}
        {tubs.lastCubicMeters > 0 ? `, the last to ${poured(tubs.lastCubicMeters)}` : ''}
        {tubs.bestUntil ? ': water swells by a tenth when it freezes' : ''}.
      </Text>
      {tubs.freezingSeconds > 0 && (
        <Text>Frozen through in about {longTime(tubs.freezingSeconds)}, standing apart.</Text>
      )}
      <Text bold sx={{ mt: 1 }}>
        {tubs.bestUntil
          ? `Best until ${dayOf(tubs.bestUntil)}, frozen`
          : `Use by ${dayOf(tubs.useBy)}`}
      </Text>
      {tubs.bestUntil && (
        <Text tone="muted" size="note">
          Chilled it would be used by {dayOf(tubs.useBy)}; days in the freezer do not count.
        </Text>
      )}
      <Text variant="h2" sx={{ mt: 1.5 }}>
        On the label
      </Text>
      <Declaration of={tubs.declaration} />
      {tubs.fitness !== 'WELL' && tubs.bestUntil && (
        <Note tone={tubs.fitness === 'BADLY' ? 'tomato' : 'brass'}>
          {tubs.fitness === 'BADLY' ? 'Freezes badly' : 'Freezes with care'}:{' '}
          {tubs.fitnessSays.join('; ')}.
        </Note>
      )}
    </section>
  );
}
