import { styled } from '@mui/material/styles';
import { memo, type ReactNode } from 'react';
import type { TasteView } from '../api/client';
import { TasteString } from './TasteString';
import { BareList } from './layout';
import { NAMES, type BeadTick } from './tastes';
import { Text } from './text';
import { own } from './own';

export type { BeadTick } from './tastes';

interface Props {
  beads: TasteView[];
  ticks?: BeadTick[];
  notes?: Partial<Record<TasteView['taste'], ReactNode>>;
  compact?: boolean;
}

const List = styled(BareList)(({ theme }) => ({
  display: 'flex',
  flexDirection: 'column',
  gap: theme.spacing(0.5),
}));

const Row = styled(
  'li',
  own('compact'),
)<{ compact: boolean }>(({ theme, compact }) => ({
  display: 'grid',
  gridTemplateColumns: compact ? '70px minmax(0, 1fr)' : '1fr',
  alignItems: 'center',
  columnGap: theme.spacing(1.5),
  ...(!compact && {
    [theme.breakpoints.up('sm')]: { gridTemplateColumns: '138px minmax(0, 1fr)' },
  }),
}));

const NO_TICKS: BeadTick[] = [];

/** Five strings: a drop hangs where the taste is now, a hollow one where it will be, over the band that the style likes. */
export const Beads = memo(function Beads(props: Props) {
  const { beads, ticks = NO_TICKS, notes = {}, compact = false } = props;
  return (
    <List aria-label="Balance">
      {beads.map((b) => (
        <Row key={b.taste} compact={compact}>
          <div>
            <Text size={compact ? 'note' : 'lead'} bold sx={{ lineHeight: 1.1 }}>
              {NAMES[b.taste].name}
            </Text>
            {notes[b.taste] && (
              <Text component="div" size="small" tone="muted" sx={{ lineHeight: 1.25 }}>
                {notes[b.taste]}
              </Text>
            )}
          </div>
          <TasteString
            bead={b}
            ticks={ticks.filter((t) => t.taste === b.taste)}
            compact={compact}
          />
        </Row>
      ))}
    </List>
  );
});
