import { MenuItem, TextField, Typography } from '@mui/material';
import { useState } from 'react';
import { newId, type BatchView, type KitchenView } from '../../api/client';
import { useIngredients } from '../../api/formulas';
import { useOutbox, type Sent } from '../../api/outbox';
import type { ProblemError } from '../../api/problem';
import { QuantityField, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { Sheet } from './Sheet';
import { When, happened, whenFault } from './When';

const WHAT = [{ value: 'line', text: 'of the formula' }, { value: 'other', text: 'something else' }, { value: 'out', text: 'ladled out' }] as const;
type What = (typeof WHAT)[number]['value'];

/** As poured: what really went in, of the formula or besides it, or came out. */
export function AddSheet({ batch, kitchen, onClose }: { batch: BatchView; kitchen: KitchenView; onClose: () => void }) {
  const { send } = useOutbox();
  const ingredients = useIngredients();
  const [id] = useState(newId);
  const [what, setWhat] = useState<What>('line');
  const { lines } = batch.forecast;
  const [line, setLine] = useState(() => lines.find((l) => l.later && !l.poured)?.line ?? heaviest(batch));
  const [other, setOther] = useState('water');
  const [text, setText] = useState('');
  const [when, setWhen] = useState('');
  const [refused, setRefused] = useState<ProblemError>();
  const { units } = kitchen.settings;
  const read = parseQuantity(text, 'MASS', what === 'line' ? 'g' : 'kg');
  const edit = <T,>(set: (to: T) => void) => (to: T) => { setRefused(undefined); set(to); };
  const chosen = lines.find((l) => l.line === line);
  const fault = text && read.outcome !== 'understood' ? read.message : refused?.at('/massKilograms');
  const tare = batch.pot.vessel.emptyMassKilograms;
  const write = async (massKilograms: number): Promise<Sent> => {
    const stamp = happened(when);
    if (what === 'line') return send('/pours', { id, line, massKilograms, enteredText: text, ...stamp }, batch.id);
    if (what === 'out') return send('/ladlings', { id, massKilograms, enteredText: text, ...stamp }, batch.id);
    return send('/additions', { id, ingredientId: other, massKilograms, temperatureCelsius: 20, enteredText: text, ...stamp }, batch.id);
  };
  const save = async () => {
    if (read.outcome !== 'understood') return;
    const sent = await write(read.value);
    if (sent.kind === 'refused') setRefused(sent.error);
    else onClose();
  };
  return (
    <Sheet title="Into the pot, as poured" act="Save" ready={read.outcome === 'understood' && !whenFault(when)} onAct={() => void save()} onClose={onClose}>
      <Choices label="What" options={WHAT} chosen={what} onChoose={edit(setWhat)} />
      {what === 'line' && (
        <TextField select label="Line of the formula" value={line} onChange={(e) => edit(setLine)(Number(e.target.value))}>
          {lines.map((l) => <MenuItem key={l.line} value={l.line}>{l.name}, {show.text(show.mass(l.dueKilograms, units))}{l.poured ? ' as poured' : ' planned'}</MenuItem>)}
        </TextField>
      )}
      {what === 'other' && (
        <TextField select label="What else" value={other} onChange={(e) => edit(setOther)(e.target.value)}>
          {(ingredients.data ?? [{ id: 'water', name: 'Water' }]).map((i) => <MenuItem key={i.id} value={i.id}>{i.name}</MenuItem>)}
        </TextField>
      )}
      <QuantityField label={what === 'out' ? 'Came out' : 'Went in, all of it'} text={text} onText={edit(setText)} understood={read.outcome === 'understood' ? show.text(show.mass(Math.max(0, read.value), units)) : ''} fault={fault} numeric={false} autoFocus />
      {what === 'line' && chosen && !chosen.later && <Typography sx={{ color: 'text.secondary' }}>In place of {show.text(show.mass(chosen.dueKilograms, units))}. What follows is rescaled with it.</Typography>}
      {tare > 0 && what !== 'out' && read.outcome === 'understood' && <Running batch={batch} kitchen={kitchen} more={read.value - (what === 'line' && chosen && !chosen.later ? chosen.dueKilograms : 0)} />}
      <When text={when} onText={edit(setWhen)} fault={refused?.at('/stamp/happenedLocalTime')} />
      {refused && !fault && !refused.at('/stamp/happenedLocalTime') && <Note tone="tomato">{refused.summary}</Note>}
    </Sheet>
  );
}

/** Weight that the scale would show with the pot on it. */
function Running({ batch, kitchen, more }: { batch: BatchView; kitchen: KitchenView; more: number }) {
  const now = new Date(batch.now).getTime();
  const here = batch.forecast.likely.findLast((c) => new Date(c.at).getTime() <= now) ?? batch.forecast.likely[0];
  const total = batch.pot.vessel.emptyMassKilograms + (here?.massKilograms ?? 0) + more;
  return <Typography sx={{ color: 'text.secondary' }}>With the pot on it the scale would then show about {show.text(show.mass(total, kitchen.settings.units))}.</Typography>;
}

const heaviest = (batch: BatchView): number => batch.forecast.lines.toSorted((a, b) => b.dueKilograms - a.dueKilograms)[0]?.line ?? 0;
