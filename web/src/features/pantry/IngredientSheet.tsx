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
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, type IngredientView, type KitchenView } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';
import { sizes } from '../../theme/tokens';
import { Pick, TextLine } from '../../ui/fields';
import { list } from '../../ui/list';
import { Note } from '../../ui/Note';
import { contentOf, formOf, keyOf, SHARES, type IngredientForm } from './ingredientForm';
import { PackFields } from './PackFields';
import { Substitutes } from './Substitutes';
import { ALLERGENS, KINDS, TRAITS } from './words';

const FIELDS: Record<string, string> = {
  edible: '/edibleFraction',
  spoon: '/spoonDensityKilogramsPerCubicMeter',
  pieceMass: '/pieceMassKilograms',
  ...Object.fromEntries(SHARES.map(([field]) => [field, `/${field}Fraction`])),
};
const entries = <T extends string>(of: Record<T, string>) => Object.entries(of) as [T, string][];

/** Everything about one ingredient: its label, its packs and prices, what stands in for it. */
export function IngredientSheet({
  of,
  kitchen,
  onClose,
}: {
  of: IngredientView | undefined;
  kitchen: KitchenView;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const [form, setForm] = useState(() => formOf(of));
  const [problem, setProblem] = useState<ProblemError>();
  const change = (to: Partial<IngredientForm>) => setForm({ ...form, ...to });
  const { content, faults } = contentOf(form, of);
  const touched = form.name.trim() !== '';
  const faultAt = (field: string) =>
    (touched ? faults.get(field) : undefined) ?? problem?.at(FIELDS[field] ?? `/${field}`);
  const write = async (call: () => Promise<unknown>) => {
    try {
      await call();
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      return setProblem(e);
    }
    await Promise.all([
      queries.invalidateQueries({ queryKey: ['pantry'] }),
      queries.invalidateQueries({ queryKey: ['formulas'] }),
    ]);
    onClose();
  };
  const id = of?.id ?? keyOf(form.name);
  const headers = { 'If-Match': of?.version ?? 0 };
  const save = () =>
    content &&
    void write(() =>
      answered(
        client.PUT('/api/pantry/ingredients/{id}', {
          params: { path: { id }, header: headers },
          body: content,
        }),
      ),
    );
  const retire = (retired: boolean) =>
    void write(() =>
      answered(
        client.PUT('/api/pantry/ingredients/{id}/retired', {
          params: { path: { id }, query: { retired }, header: headers },
        }),
      ),
    );
  const toggle = <T,>(list: T[], one: T) =>
    list.includes(one) ? list.filter((x) => x !== one) : [...list, one];
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="ingredient-title">
      <DialogTitle id="ingredient-title">{of ? of.content.name : 'Add an ingredient'}</DialogTitle>
      <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 2 }}>
        {of?.care.check && (
          <Typography sx={{ fontSize: sizes.note }}>
            <b>When it comes in:</b> {of.care.check}
          </Typography>
        )}
        {of?.care.caution && <Note>{of.care.caution}</Note>}
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', sm: '1.4fr 1fr 1.6fr' },
            gap: 2,
          }}
        >
          <TextLine
            label="Name"
            text={form.name}
            onText={(name) => change({ name })}
            fault={faultAt('name')}
          />
          <Pick
            label="Shelf"
            value={form.kind}
            options={entries(KINDS)}
            onPick={(kind) => change({ kind })}
          />
          <TextLine
            label="Also called, apart by commas"
            text={form.alsoCalled}
            onText={(alsoCalled) => change({ alsoCalled })}
          />
        </Box>
        <Typography variant="h2">In 100 g, from the label</Typography>
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(4, 1fr)' },
            gap: 2,
          }}
        >
          {SHARES.map(([field, words]) => (
            <TextLine
              key={field}
              label={`${words}, g`}
              text={form[field]}
              onText={(text) => change({ [field]: text })}
              fault={faultAt(field)}
            />
          ))}
        </Box>
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr 1fr', sm: 'repeat(4, 1fr)' },
            gap: 2,
          }}
        >
          <TextLine
            label="A tablespoon weighs"
            text={form.spoon}
            onText={(spoon) => change({ spoon })}
            fault={faultAt('spoon')}
          />
          <TextLine
            label="A piece is called"
            text={form.pieceName}
            onText={(pieceName) => change({ pieceName })}
            placeholder="clove"
          />
          <TextLine
            label="and weighs"
            text={form.pieceMass}
            onText={(pieceMass) => change({ pieceMass })}
            fault={faultAt('pieceMass')}
          />
          <TextLine
            label="Left after peel and bone, %"
            text={form.edible}
            onText={(edible) => change({ edible })}
            fault={faultAt('edible')}
          />
        </Box>
        <PackFields
          packs={form.packs}
          change={(packs) => change({ packs })}
          currency={kitchen.settings.currency}
          pricedOn={of?.pricedOn}
          faultAt={faultAt}
        />
        <Ticks
          title="Allergens"
          all={entries(ALLERGENS)}
          chosen={form.allergens}
          onToggle={(a) => change({ allergens: toggle(form.allergens, a) })}
        />
        <FormControlLabel
          control={
            <Checkbox
              checked={form.labelRead}
              onChange={() => change({ labelRead: !form.labelRead })}
            />
          }
          label="I have read its label: nothing else of the law is in it"
        />
        {!form.labelRead && (
          <Note>
            {of && of.asks.length > 0
              ? `By maker it may carry ${list(of.asks.map((a) => ALLERGENS[a]))}`
              : 'Until its label is read'}
            {of && of.asks.length > 0 ? ': until its label is read' : ''}, nothing that it goes into
            is called without allergens.
          </Note>
        )}
        <Ticks
          title="What it is"
          all={entries(TRAITS)}
          chosen={form.traits}
          onToggle={(t) => change({ traits: toggle(form.traits, t) })}
        />
        {of && <Substitutes of={of} units={kitchen.settings.units} />}
        {of && (
          <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
            {of.content.source}; real goods lie within ± {Math.round(of.rangeFraction * 100)} %,
            their salt within ± {Math.round(of.saltRangeFraction * 100)} %. {of.notes.join(' ')}
          </Typography>
        )}
        {problem && <Note tone="tomato">{problem.summary}</Note>}
      </DialogContent>
      <DialogActions>
        {of && (
          <Button onClick={() => retire(!of.retired)}>
            {of.retired ? 'Take out again' : 'Put away'}
          </Button>
        )}
        <Button onClick={onClose}>Leave</Button>
        <Button variant="contained" disabled={!content} onClick={save}>
          Save
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Ticks<T extends string>({
  title,
  all,
  chosen,
  onToggle,
}: {
  title: string;
  all: [T, string][];
  chosen: readonly T[];
  onToggle: (one: T) => void;
}) {
  return (
    <Box role="group" aria-label={title}>
      <Typography variant="h2">{title}</Typography>
      <Box sx={{ display: 'flex', flexWrap: 'wrap' }}>
        {all.map(([key, words]) => (
          <FormControlLabel
            key={key}
            control={
              <Checkbox
                size="small"
                checked={chosen.includes(key)}
                onChange={() => onToggle(key)}
                sx={{ py: 0.25 }}
              />
            }
            label={words}
          />
        ))}
      </Box>
    </Box>
  );
}
