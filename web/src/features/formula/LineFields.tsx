import { Autocomplete, Box, Button, InputBase, Typography } from '@mui/material';
import { memo, useMemo, type ClipboardEvent, type KeyboardEvent } from 'react';
import type { IngredientView, School } from '../../api/client';
import type { Measures } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { understoodAs, type DraftLine } from './draft';
import { TextLine } from '../../ui/fields';
import { WayPick } from './StageFields';

interface Props {
  line: DraftLine; at: string; ways: School[]; goods: IngredientView[]; pantry: ReadonlyMap<string, IngredientView>; measures: Measures;
  change: (to: Partial<DraftLine>) => void; drop: () => void; addAfter: () => void; move: (by: number) => void; onList: (text: string) => void; faultAt: (pointer: string) => string | undefined;
}

/** One ingredient of a stage, in a row that the keyboard can work alone. */
export function LineFields({ line, at, ways, goods, pantry, measures, change, drop, addAfter, move, onList, faultAt }: Props) {
  const keys = (e: KeyboardEvent) => {
    if (e.key === 'Enter') addAfter();
    else if (e.altKey && e.key === 'ArrowUp') move(-1);
    else if (e.altKey && e.key === 'ArrowDown') move(1);
    else return;
    e.preventDefault();
  };
  const paste = (e: ClipboardEvent) => {
    const text = e.clipboardData.getData('text');
    if (!text.trim().includes('\n')) return;
    e.preventDefault();
    onList(text);
  };
  const known = pantry.get(line.ingredientId);
  return (
    <Box component="li" sx={{ display: 'grid', gridTemplateColumns: columns.editLine, columnGap: 1.5, alignItems: 'start', py: 0.25 }}>
      <TextLine label="How much" hidden mark={line.key} text={line.amount} onText={(amount) => change({ amount })} onKeyDown={keys} onPaste={paste} placeholder="250 g, 2 tbsp, 3 cloves" note={understoodAs(line, known, measures)} fault={faultAt(`${at}/massKilograms`)} />
      <Goods goods={goods} chosen={known} onChoose={(ingredientId) => change({ ingredientId })} fault={faultAt(`${at}/ingredientId`)} />
      <TextLine label="What is done to it" hidden text={line.note} onText={(note) => change({ note })} onKeyDown={keys} placeholder="fine dice" />
      <TextLine label="First dose" hidden text={line.first} onText={(first) => change({ first })} onKeyDown={keys} placeholder="all of it" fault={faultAt(`${at}/firstDoseFraction`)} />
      <Box sx={{ display: 'flex', gap: 0.5, alignItems: 'start' }}>
        <Box sx={{ width: 64 }}><TextLine label="Goes in after" hidden text={line.after} onText={(after) => change({ after })} onKeyDown={keys} placeholder="at once" fault={faultAt(`${at}/afterMinutes`)} /></Box>
        {ways.length > 0 && <Box sx={{ width: 96 }}><WayPick ways={ways} school={line.school} onPick={(school) => change({ school })} label="Whose way the line is" hidden /></Box>}
        <Button size="small" aria-label={`Take out ${known?.content.name ?? 'the line'}`} onClick={drop} sx={{ minWidth: 30, px: 0.5, mt: -0.25 }}>×</Button>
      </Box>
    </Box>
  );
}

interface GoodsProps { goods: IngredientView[]; chosen: IngredientView | undefined; onChoose: (id: string) => void; fault: string | undefined }

/** An ingredient by any of its names. */
const Goods = memo(function Goods({ goods, chosen, onChoose, fault }: GoodsProps) {
  const shown = useMemo(() => goods.filter((g) => !g.retired), [goods]);
  return (
    <Box sx={{ minWidth: 0 }}>
      <Autocomplete options={shown} value={chosen ?? null} onChange={(_, to) => onChoose(to?.id ?? '')} getOptionLabel={(g) => g.content.name} getOptionKey={(g) => g.id} isOptionEqualToValue={(a, b) => a.id === b.id} autoHighlight openOnFocus={false}
        filterOptions={(all, { inputValue }) => found(all, inputValue)}
        renderInput={(p) => <InputBase ref={p.slotProps.input.ref} inputProps={{ ...p.slotProps.htmlInput, 'aria-label': 'Ingredient', 'aria-invalid': Boolean(fault) }} placeholder="onion" fullWidth sx={{ borderBottom: fault ? 3 : 1, borderColor: fault ? 'error.main' : 'divider', '& input': { py: 0.4, minHeight: { xs: 32, md: 22 } } }} />} />
      {fault && <Typography role="alert" sx={{ fontSize: sizes.small, color: 'error.main' }}>{fault}</Typography>}
    </Box>
  );
});

const MOST_SHOWN = 30;

/** Names that begin so first, then those that hold all words. */
function found(all: IngredientView[], typed: string): IngredientView[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const names = (g: IngredientView) => [g.content.name, ...g.content.alsoCalled].map((n) => n.toLowerCase());
  const hits = all.filter((g) => words.every((w) => names(g).some((n) => n.includes(w))));
  const begins = (g: IngredientView) => (names(g).some((n) => n.startsWith(words[0] ?? '')) ? 0 : 1);
  return hits.toSorted((a, b) => begins(a) - begins(b)).slice(0, MOST_SHOWN);
}
