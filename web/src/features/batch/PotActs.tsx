import type { BatchView } from '../../api/client';
import { useNow } from '../../api/clock';
import type { Units } from '../../quantities';
import { heatInWords } from '../../ui/heat';
import { Span } from '../../ui/text';
import type { PotSheet } from './PotSheets';
import { ActBar, ActCell, ActSub } from './batch.styles';
import { READINGS } from './readings';
import { heatNow } from './steps';

interface Props {
  batch: BatchView;
  units: Units;
  onOpen: (sheet: PotSheet) => void;
}

/** What is done to a pot, always in reach. */
export function PotActs({ batch, units, onOpen }: Props) {
  const { heating, lid } = heatNow(batch, useNow());
  const { forecast } = batch;
  const advised = forecast.advice?.kind;
  const acts: { name: string; sub: string; sheet: PotSheet }[] = [
    {
      name: 'Read',
      sub: advised ? `${READINGS[advised].word} tells most now` : 'dip, weigh, plate',
      sheet: advised ?? 'DIP',
    },
    {
      name: 'Heat',
      sub: `${heatInWords(heating, units)} · lid ${lid.toLowerCase()}`,
      sheet: 'heat',
    },
    { name: 'Add', sub: 'as poured', sheet: 'add' },
    { name: 'Heat off', sub: 'it is done', sheet: 'finish' },
  ];
  return (
    <ActBar>
      {acts.map((a, i) => (
        <ActCell
          key={a.name}
          variant={i === 0 ? 'contained' : 'outlined'}
          onClick={() => onOpen(a.sheet)}
        >
          <Span size="lead" bold>
            {a.name}
          </Span>
          <ActSub>{a.sub}</ActSub>
        </ActCell>
      ))}
    </ActBar>
  );
}
