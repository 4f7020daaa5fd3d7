import { Autocomplete, Box } from '@mui/material';
import { memo, useMemo } from 'react';
import type { Goods } from '../api/goods';
import { Span, Text } from './text';
import { LineInput } from './ui.styles';

interface Props {
  goods: Goods[];
  chosen: Goods | undefined;
  onChoose: (id: string) => void;
  fault: string | undefined;
}
const MOST_SHOWN = 30;

/** An ingredient by any of its names. */
export const GoodsField = memo(function GoodsField({ goods, chosen, onChoose, fault }: Props) {
  const shown = useMemo(() => goods.filter((g) => !g.retired), [goods]);
  return (
    <Box sx={{ minWidth: 0 }}>
      <Autocomplete
        options={shown}
        value={chosen ?? null}
        onChange={(_, to) => onChoose(to?.id ?? '')}
        getOptionLabel={(g) => g.content.name}
        getOptionKey={(g) => g.id}
        isOptionEqualToValue={(a, b) => a.id === b.id}
        autoHighlight
        openOnFocus={false}
        renderOption={({ key, ...p }, g) => (
          <li key={key} {...p}>
            {g.content.name}
            {g.isMade && (
              <Span tone="muted" size="small" sx={{ ml: 1 }}>
                a formula
              </Span>
            )}
          </li>
        )}
        filterOptions={(all, { inputValue }) => found(all, inputValue)}
        renderInput={(p) => (
          <LineInput
            ref={p.slotProps.input.ref}
            inputProps={{
              ...p.slotProps.htmlInput,
              'aria-label': 'Ingredient',
              'aria-invalid': Boolean(fault),
            }}
            placeholder="onion"
            fullWidth
            wrong={Boolean(fault)}
          />
        )}
      />
      {fault && (
        <Text role="alert" tone="alarm" size="small">
          {fault}
        </Text>
      )}
    </Box>
  );
});

/** Names that begin so first, then those that hold all words. */
function found(all: Goods[], typed: string): Goods[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const names = (g: Goods) => [g.content.name, ...g.content.alsoCalled].map((n) => n.toLowerCase());
  const hits = all.filter((g) => words.every((w) => names(g).some((n) => n.includes(w))));
  const begins = (g: Goods) => (names(g).some((n) => n.startsWith(words[0] ?? '')) ? 0 : 1);
  return hits.toSorted((a, b) => begins(a) - begins(b)).slice(0, MOST_SHOWN);
}
