import { Box, Button, TextField, Typography } from '@mui/material';
import { useDeferredValue, useState } from 'react';
import type { IngredientView } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { usePantry } from '../../api/pantry';
import { columns } from '../../theme/tokens';
import { Pick } from '../../ui/fields';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { AvoidList } from './AvoidList';
import { Goods } from './Goods';
import { IngredientSheet } from './IngredientSheet';
import { Stock } from './Stock';
import { TableIn } from './TableIn';
import { KINDS } from './words';

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
    return (
      <Page title="Pantry" sub="what there is to cook with">
        {error && <Note tone="tomato">{error.message}</Note>}
      </Page>
    );
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
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.kitchen, gap: 4 }}>
        <Box sx={{ minWidth: 0 }}>
          <Box sx={{ display: 'flex', gap: 2, alignItems: 'flex-end', mb: 1, flexWrap: 'wrap' }}>
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
          </Box>
          {shown.length === 0 && (
            <Typography>Nothing of that name. Add it with its label in hand.</Typography>
          )}
          <Goods goods={shown} kitchen={kitchen} onEdit={(of) => setEditing({ of })} />
        </Box>
        <Box
          sx={{
            display: 'flex',
            flexDirection: 'column',
            gap: 3,
            minWidth: 0,
            order: { xs: -1, md: 0 },
          }}
        >
          <Stock goods={goods} kitchen={kitchen} />
          <AvoidList goods={goods} />
        </Box>
      </Box>
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
