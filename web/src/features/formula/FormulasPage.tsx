import { Box, Button, TextField } from '@mui/material';
import { useDeferredValue, useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { FormulaSummary } from '../../api/client';
import { useFormulas } from '../../api/formulas';
import { useKitchen } from '../../api/kitchen';
import { Choices } from '../../ui/Choices';
import { Page } from '../../ui/Page';
import { FileIn } from './FileIn';
import { ShelfCard } from './ShelfCard';
import { USES } from './words';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { Shelf } from './formula.styles';
import { Coming } from '../../ui/Pending';

type Use = FormulaSummary['uses'][number] | 'ALL';
const FILTERS = [
  { value: 'ALL' as Use, text: 'everything' },
  ...Object.entries(USES).map(([value, text]) => ({ value: value as Use, text })),
];

/** The shelf: which sauce, which way, what will it be. */
export function FormulasPage() {
  const shelf = useFormulas();
  const { data: kitchen } = useKitchen();
  const [use, setUse] = useState<Use>('ALL');
  const [words, setWords] = useState('');
  const wanted = useDeferredValue(words.trim().toLowerCase());
  const families = useMemo(
    () =>
      grouped(
        (shelf.data ?? []).filter(
          (f) => (use === 'ALL' || f.uses.includes(use)) && says(f, wanted),
        ),
      ),
    [shelf.data, use, wanted],
  );
  const acts = (
    <>
      <FileIn />
      <Button component={Link} to="/formulas/new" variant="contained">
        Write a formula
      </Button>
    </>
  );
  return (
    <Page
      title="Formulas"
      sub="which sauce, which way, and what it will be"
      step="Formula"
      acts={acts}
    >
      <Coming error={shelf.error} come={shelf.data !== undefined} />
      <Row gap={2} align="end" wrap>
        <TextField
          label="Find by name, diet or allergen"
          placeholder="ragù, vegan, no milk"
          value={words}
          onChange={(e) => setWords(e.target.value)}
          size="small"
          sx={{ minWidth: 270 }}
        />
        <Choices label="For" options={FILTERS} chosen={use} onChoose={setUse} />
      </Row>
      {shelf.data && families.length === 0 && (
        <Text>Nothing on the shelf fits. Take the filter off, or write it yourself.</Text>
      )}
      {families.map(([family, formulas]) => (
        <Box component="section" key={family} aria-label={family}>
          <Text variant="h2" sx={{ mb: 0.5 }}>
            {family}
          </Text>
          <Shelf>
            {formulas.map((f) => (
              <ShelfCard
                key={f.id}
                formula={f}
                units={kitchen?.settings.units ?? 'METRIC'}
                currency={kitchen?.settings.currency ?? ''}
              />
            ))}
          </Shelf>
        </Box>
      ))}
    </Page>
  );
}

function grouped(formulas: FormulaSummary[]): [string, FormulaSummary[]][] {
  const families = new Map<string, FormulaSummary[]>();
  for (const f of formulas)
    families.set(f.familyWords, [...(families.get(f.familyWords) ?? []), f]);
  return [...families].toSorted(([a], [b]) => ORDER.indexOf(a) - ORDER.indexOf(b));
}
const ORDER = [
  'Base and plain sauces',
  'Ragù',
  'With cured pork',
  'Vegetables and olives',
  'Round meat',
  'From the sea',
  'Parts',
];

/** Whether it is called so, or keeps such a diet, or goes without such an allergen. */
function says(f: FormulaSummary, wanted: string): boolean {
  if (!wanted) return true;
  const words = `${f.name} ${f.inShort} ${f.keeps.join(' ')}`.toLowerCase();
  return words.includes(wanted) || (wanted.startsWith('no ') && isWithout(f, wanted.slice(3)));
}

/** Nothing is without an allergen that its packs must be read for, or of which something is not known. */
const isWithout = (f: FormulaSummary, allergen: string) =>
  f.unknown.length === 0 && ![...f.allergens, ...f.asked].some((a) => a.includes(allergen));
