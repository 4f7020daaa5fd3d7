import { Box, Button, TextField } from '@mui/material';
import { useDeferredValue, useState } from 'react';
import type { IngredientView } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { usePantry } from '../../api/pantry';
import { Pick } from '../../ui/fields';
import { Page } from '../../ui/Page';
import { AvoidList } from './AvoidList';
import { Goods } from './Goods';
import { IngredientSheet } from './IngredientSheet';
import { Stock } from './Stock';
import { TableIn } from './TableIn';
import { KINDS } from './words';
import { Column, Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { PantryGrid } from './pantry.styles';
import { Pending } from '../../ui/Pending';

type Kind = IngredientView['content']['kind'] | 'ALL';
const KIND_OPTIONS = [['ALL', 'every shelf'], ...Object.entries(KINDS)] as [Kind, string][];

/** What there is to cook with, what is open, and what this kitchen leaves out. */
export function PantryPage() {
  const { data: kitchen } = useKitchen();
  const { data: goods, error } = usePantry();
  const [words, setWords] = useState('');
  const [kind, setKind] = useState<Kind>('ALL');
  const [editing, setEditing] = useState<{ of: IngredientView | undefined }>();
  const wanted = useDeferredValue(words.trim().toLowerCase());
  if (!kitchen || !goods)
    return <Pending title="Pantry" sub="what there is to cook with" error={error} />;
  const shown = goods.filter(
    (g) =>
      (kind === 'ALL' || g.content.kind === kind) &&
      [g.content.name, ...g.content.alsoCalled].some((n) => n.toLowerCase().includes(wanted)),
  );
  const acts = (
    <>
      <Button component="a" href="/api/pantry/table" download variant="outlined">
        Send as table
      </Button>
      <TableIn />
      <Button variant="contained" onClick={() => setEditing({ of: undefined })}>
        Add an ingredient
      </Button>
    </>
  );
  return (
    <Page
      title="Pantry"
      sub={`${goods.filter((g) => !g.retired).length} ingredients; shipped prices are invented until you write your own`}
      acts={acts}
    >
      <PantryGrid>
        <Box sx={{ minWidth: 0 }}>
          <Row gap={2} align="end" wrap sx={{ mb: 1 }}>
            <TextField
              label="Find an ingredient"
              value={words}
              onChange={(e) => setWords(e.target.value)}
              size="small"
              sx={{ flex: 1, minWidth: 200 }}
            />
            <Box sx={{ width: 180 }}>
              <Pick label="Shelf" value={kind} options={KIND_OPTIONS} onPick={setKind} />
            </Box>
          </Row>
          {shown.length === 0 && <Text>Nothing of that name. Add it with its label in hand.</Text>}
          <Goods goods={shown} kitchen={kitchen} onEdit={(of) => setEditing({ of })} />
        </Box>
        <Column gap={3} sx={{ order: { xs: -1, md: 0 } }}>
          <Stock goods={goods} kitchen={kitchen} />
          <AvoidList goods={goods} />
        </Column>
      </PantryGrid>
      {editing && (
        <IngredientSheet
          key={editing.of?.id ?? 'new'}
          of={editing.of}
          kitchen={kitchen}
          onClose={() => setEditing(undefined)}
        />
      )}
    </Page>
  );
}
