import { useNow } from '../../api/clock';
import { TICK_MS } from './along';
import { MenuItem, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import type { BatchView, KitchenView } from '../../api/client';
import { usePantry } from '../../api/pantry';
import { measuresOf } from '../../api/kitchen';
import { useLots } from '../../api/lots';
import { QuantityField, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { Lifted } from './Lifted';
import { useEntry } from './useEntry';

const WHAT = [
  { value: 'line', text: 'of the formula' },
  { value: 'other', text: 'something else' },
  { value: 'out', text: 'ladled out' },
  { value: 'pieces', text: 'pieces taken out' },
] as const;
type What = (typeof WHAT)[number]['value'];

/** As poured: what really went in, of the formula or besides it, or came out. */
export function AddSheet({
  batch,
  kitchen,
  onClose,
}: {
  batch: BatchView;
  kitchen: KitchenView;
  onClose: () => void;
}) {
  const pantry = usePantry();
  const [what, setWhat] = useState<What>('line');
  const { data: lots = [] } = useLots(what === 'other');
  const { lines } = batch.forecast;
  const [line, setLine] = useState(
    () => lines.find((l) => l.later && !l.poured)?.line ?? heaviest(batch),
  );
  const [other, setOther] = useState('water');
  const tub = lots.find((l) => tubKey(l.id) === other);
  const minded =
    what === 'other' ? pantry.data?.find((i) => i.id === other)?.care.caution : undefined;
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useEntry(
    batch.id,
    onClose,
    tub?.id,
  );
  const [text, setText] = useState('');
  const { units } = kitchen.settings;
  const read = parseQuantity(text, 'MASS', what === 'line' ? 'g' : 'kg', measuresOf(kitchen));
  const chosen = lines.find((l) => l.line === line);
  const fault =
    text && read.outcome !== 'understood' ? read.message : refused?.at('/massKilograms');
  const weighed = what !== 'pieces';
  const [lifted, setLifted] = useState(() =>
    batch.pieces.filter((p) => p.comesOut).map((p) => p.ingredientId),
  );
  const ready = hourUnderstood && (weighed ? read.outcome === 'understood' : lifted.length > 0);
  const save = () => {
    if (what === 'pieces') return write('/take-outs', { ingredientIds: lifted });
    if (read.outcome !== 'understood') return undefined;
    const amount = { massKilograms: read.value, enteredText: text };
    if (what === 'line') return write('/pours', { line, ...amount });
    if (what === 'out') return write('/ladlings', amount);
    if (tub)
      return write('/uses', {
        batchId: batch.id,
        dish: '',
        massKilograms: read.value,
        massText: text,
      });
    return write('/additions', { ingredientId: other, temperatureCelsius: 20, ...amount });
  };
  const instead = what === 'line' && chosen && !chosen.later ? chosen.dueKilograms : 0;
  return (
    <Sheet
      title="Into the pot, as poured"
      act="Save"
      ready={ready}
      onAct={() => void save()}
      onClose={onClose}
    >
      <Choices label="What" options={WHAT} chosen={what} onChoose={edit(setWhat)} />
      {what === 'line' && (
        <TextField
          select
          label="Line of the formula"
          value={line}
          onChange={(e) => edit(setLine)(Number(e.target.value))}
        >
          {lines.map((l) => (
            <MenuItem key={l.line} value={l.line}>
              {l.name}, {show.text(show.mass(l.dueKilograms, units))}
              {l.poured ? ' as poured' : ' planned'}
            </MenuItem>
          ))}
        </TextField>
      )}
      {what === 'other' && (
        <TextField
          select
          label="What else"
          value={other}
          onChange={(e) => edit(setOther)(e.target.value)}
        >
          {lots
            .filter((l) => l.daysLeft > 0)
            .map((l) => (
              <MenuItem key={l.id} value={tubKey(l.id)}>
                {l.name} from tub {l.code}, {show.text(show.mass(l.massKilograms, units))} there
              </MenuItem>
            ))}
          {pantry.data ? (
            pantry.data
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
      )}
      {minded && <Note>{minded}</Note>}
      {weighed && (
        <QuantityField
          label={what === 'out' ? 'Came out' : 'Went in, all of it'}
          text={text}
          onText={edit(setText)}
          understood={
            read.outcome === 'understood'
              ? show.text(show.mass(Math.max(0, read.value), units))
              : ownMeasures(kitchen)
          }
          fault={fault}
          numeric={false}
          autoFocus
        />
      )}
      {!weighed && <Lifted pieces={batch.pieces} lifted={lifted} onLifted={edit(setLifted)} />}
      {instead > 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          In place of {show.text(show.mass(instead, units))}. What follows is rescaled with it.
        </Typography>
      )}
      {weighed &&
        what !== 'out' &&
        batch.pot.vessel.emptyMassKilograms > 0 &&
        read.outcome === 'understood' && (
          <Running batch={batch} kitchen={kitchen} more={read.value - instead} />
        )}
      {hour}
      {elsewhere(fault)}
    </Sheet>
  );
}

const tubKey = (lotId: string) => `tub:${lotId}`;

/** Measures of this kitchen that can be typed here. */
const ownMeasures = (kitchen: KitchenView): string =>
  kitchen.measures[0] ? `or by the ${kitchen.measures.map((m) => m.name).join(', ')}` : '';

/** Weight that the scale would show with the pot on it. */
function Running({
  batch,
  kitchen,
  more,
}: {
  batch: BatchView;
  kitchen: KitchenView;
  more: number;
}) {
  const now = useNow(TICK_MS);
  const here =
    batch.forecast.likely.findLast((c) => new Date(c.at).getTime() <= now) ??
    batch.forecast.likely[0];
  const total = batch.pot.vessel.emptyMassKilograms + (here?.massKilograms ?? 0) + more;
  return (
    <Typography sx={{ color: 'text.secondary' }}>
      With the pot on it the scale would then show about{' '}
      {show.text(show.mass(total, kitchen.settings.units))}.
    </Typography>
  );
}

const heaviest = (batch: BatchView): number =>
  batch.forecast.lines.toSorted((a, b) => b.dueKilograms - a.dueKilograms)[0]?.line ?? 0;
