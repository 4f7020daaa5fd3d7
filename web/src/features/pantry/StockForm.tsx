import {
  Autocomplete,
  Button,
  Checkbox,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
  TextField,
} from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, newId, type IngredientView, type KitchenView } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { answered, ProblemError } from '../../api/problem';
import { QuantityField, parseQuantity, show } from '../../quantities';
import { TextLine } from '../../ui/fields';
import { Note } from '../../ui/Note';

/** Something for the shelf, or an opened pack, which gets its date. */
export function StockForm({
  goods,
  kitchen,
  today,
  onClose,
}: {
  goods: IngredientView[];
  kitchen: KitchenView;
  today: string;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const [id] = useState(newId);
  const [of, setOf] = useState<IngredientView | null>(null);
  const [amount, setAmount] = useState('');
  const [opened, setOpened] = useState(true);
  const [note, setNote] = useState('');
  const [code, setCode] = useState('');
  const [problem, setProblem] = useState<ProblemError>();
  const read = parseQuantity(amount, 'MASS', 'g', measuresOf(kitchen, of?.id));
  const fault =
    amount && read.outcome !== 'understood' ? read.message : problem?.at('/massKilograms');
  const save = async () => {
    if (!of || read.outcome !== 'understood') return;
    try {
      await answered(
        client.POST('/api/pantry/stock', {
          body: {
            id,
            ingredientId: of.id,
            massKilograms: read.value,
            massText: amount,
            note,
            version: 0,
            ...(code.trim() ? { code: code.trim() } : {}),
            ...(opened ? { openedOn: today } : {}),
          },
        }),
      );
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      return setProblem(e);
    }
    await queries.invalidateQueries({ queryKey: ['stock'] });
    onClose();
  };
  const days = of?.care.openedDays;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="stock-title">
      <DialogTitle id="stock-title">Put in stock</DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}>
        <Autocomplete
          options={goods.filter((g) => !g.retired)}
          value={of}
          onChange={(_, to) => setOf(to)}
          getOptionLabel={(g) => g.content.name}
          getOptionKey={(g) => g.id}
          autoHighlight
          sx={{ mt: 1 }}
          renderInput={(p) => <TextField {...p} label="What" autoFocus />}
        />
        <QuantityField
          label="How much"
          text={amount}
          onText={setAmount}
          understood={
            read.outcome === 'understood'
              ? show.text(show.mass(Math.max(0, read.value), kitchen.settings.units))
              : 'a weight'
          }
          fault={fault}
          numeric={false}
        />
        <FormControlLabel
          control={<Checkbox checked={opened} onChange={() => setOpened(!opened)} />}
          label={`the pack is open${opened && days !== undefined ? `: ${days} ${days === 1 ? 'day' : 'days'}, chilled` : ''}`}
        />
        <TextLine label="Where it stands" text={note} onText={setNote} />
        <TextLine
          label="Code on the can, number of the shellfish tag"
          text={code}
          onText={setCode}
          note="so that it can be traced; tags are kept as long as the rule set says"
        />
        {problem && !fault && <Note tone="tomato">{problem.summary}</Note>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button
          variant="contained"
          disabled={!of || read.outcome !== 'understood'}
          onClick={() => void save()}
        >
          Put in
        </Button>
      </DialogActions>
    </Dialog>
  );
}
