import { MenuItem, TextField } from '@mui/material';
import type { BatchView, KitchenView, LotView } from '../../api/client';
import { usePantry } from '../../api/pantry';
import { show } from '../../quantities';
import { Note } from '../../ui/Note';

export const tubKey = (lotId: string): string => `tub:${lotId}`;

interface LineProps {
  batch: BatchView;
  kitchen: KitchenView;
  line: number;
  onLine: (line: number) => void;
}
/** Which line of the formula was poured. */
export function LineField({ batch, kitchen, line, onLine }: LineProps) {
  return (
    <TextField
      select
      label="Line of the formula"
      value={line}
      onChange={(e) => onLine(Number(e.target.value))}
    >
      {batch.forecast.lines.map((l) => (
        <MenuItem key={l.line} value={l.line}>
          {l.name}, {show.text(show.mass(l.dueKilograms, kitchen.settings.units))}
          {l.poured ? ' as poured' : ' planned'}
        </MenuItem>
      ))}
    </TextField>
  );
}

interface OtherProps {
  lots: LotView[];
  kitchen: KitchenView;
  other: string;
  onOther: (other: string) => void;
}
/** Something from the pantry or a tub, with what has to be minded about it. */
export function OtherField({ lots, kitchen, other, onOther }: OtherProps) {
  const { data: goods } = usePantry();
  const caution = goods?.find((i) => i.id === other)?.care.caution;
  return (
    <>
      <TextField select label="What else" value={other} onChange={(e) => onOther(e.target.value)}>
        {lots.map((l) => (
          <MenuItem key={l.id} value={tubKey(l.id)}>
            {l.name} from tub {l.code},{' '}
            {show.text(show.mass(l.massKilograms, kitchen.settings.units))} there
          </MenuItem>
        ))}
        {goods ? (
          goods
            .filter((i) => !i.retired)
            .map((i) => (
              <MenuItem key={i.id} value={i.id}>
                {i.content.name}
              </MenuItem>
            ))
        ) : (
          <MenuItem value="water">Water</MenuItem>
        )}
      </TextField>
      {caution && <Note>{caution}</Note>}
    </>
  );
}
