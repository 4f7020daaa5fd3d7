import {
  Box,
  Button,
  Checkbox,
  Dialog,
  DialogActions,
  DialogContent,
  DialogTitle,
  FormControlLabel,
  Typography,
} from '@mui/material';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { client, newId, type Avoid, type FormulaView, type WithoutView } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { list } from '../../ui/list';
import { SwapLine } from '../../ui/SwapLine';

interface Props {
  formula: FormulaView;
  units: Units;
  onClose: () => void;
}
interface Offer {
  avoid: Avoid;
  words: string;
}

const KINDS = ['garlic', 'onion', 'pork', 'meat', 'alcohol', 'egg', 'fish', 'shellfish'];

/** What could be left out: allergens it carries, kinds, and its own ingredients. */
function offers(formula: FormulaView): Offer[] {
  const allergens = formula.analysis.declaration.allergens.map((a): Offer => ({
    avoid: { kind: 'ALLERGEN', key: a.allergen },
    words: a.words,
  }));
  const kinds = KINDS.filter((k) => !allergens.some((a) => a.words === k)).map((k): Offer => ({
    avoid: { kind: 'TRAIT', key: k.toUpperCase() },
    words: k,
  }));
  return [...allergens, ...kinds];
}

/** Make it without …: what is exchanged, what that changes, and a formula of one's own to keep. */
export function WithoutSheet({ formula, units, onClose }: Props) {
  const all = useMemo(() => offers(formula), [formula]);
  const [chosen, setChosen] = useState<Offer[]>([]);
  const [fault, setFault] = useState('');
  const navigate = useNavigate();
  const queries = useQueryClient();
  const avoid = chosen.map((c) => c.avoid);
  const { data } = useQuery({
    queryKey: ['without', formula.id, JSON.stringify([formula.chosen, avoid])],
    queryFn: () =>
      answered(
        client.POST('/api/formulas/{id}/without', {
          params: { path: { id: formula.id } },
          body: { schools: formula.chosen, avoid },
        }),
      ),
    enabled: chosen.length > 0,
    placeholderData: (last) => last,
  });
  const toggle = (offer: Offer) =>
    setChosen((from) =>
      from.includes(offer) ? from.filter((o) => o !== offer) : [...from, offer],
    );
  const keep = async (made: WithoutView) => {
    const id = newId();
    const name = `${formula.name} without ${list(chosen.map((c) => c.words))}`.slice(0, 80);
    try {
      await answered(
        client.PUT('/api/formulas/{id}', {
          params: { path: { id }, header: { 'If-Match': 0 } },
          body: {
            sheet: { ...made.sheet, name },
            note: `made from ${formula.name}, version ${formula.version}`,
          },
        }),
      );
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
      return;
    }
    await queries.invalidateQueries({ queryKey: ['formulas'] });
    onClose();
    void navigate(`/formulas/${id}`);
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="without-title">
      <DialogTitle id="without-title">Make {formula.name} without…</DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 1.5 }}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1 }}>
          {all.map((o) => (
            <FormControlLabel
              key={o.avoid.kind + o.avoid.key}
              control={<Checkbox checked={chosen.includes(o)} onChange={() => toggle(o)} />}
              label={o.words}
            />
          ))}
        </Box>
        {chosen.length > 0 && data && <Swaps made={data} units={units} before={formula} />}
        {fault && <Note tone="tomato">{fault}</Note>}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Leave</Button>
        <Button
          variant="contained"
          disabled={chosen.length === 0 || !data}
          onClick={() => data && void keep(data)}
        >
          Keep it as ours
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Swaps({ made, units, before }: { made: WithoutView; units: Units; before: FormulaView }) {
  const carries = made.analysis.declaration.allergens.map((a) => a.words);
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1 }}>
      {made.swaps.length === 0 && (
        <Typography>Nothing of that is in it: it can be made as it is.</Typography>
      )}
      {made.swaps.map((s, i) => (
        <SwapLine key={`${s.was}${i}`} swap={s} units={units} />
      ))}
      <Typography sx={{ fontSize: sizes.note }}>
        It then makes {show.text(show.mass(made.analysis.madeMassKilograms, units))} with{' '}
        {show.text(show.percent(made.analysis.saltFraction))} salt (
        {show.text(show.percent(before.analysis.saltFraction))} before) and{' '}
        {carries.length === 0 ? 'carries no allergen of the law' : `carries ${list(carries)}`}.
      </Typography>
    </Box>
  );
}
