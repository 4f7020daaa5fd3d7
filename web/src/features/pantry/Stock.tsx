import { Box, Button } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, type IngredientView, type KitchenView, type StockItem } from '../../api/client';
import { useNow } from '../../api/clock';
import { useStock } from '../../api/pantry';
import { answered } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { ActButton } from '../../ui/ActButton';
import { BareList, Row } from '../../ui/layout';
import { Text, type Tone } from '../../ui/text';
import { StockForm } from './StockForm';
import { StockRow } from './pantry.styles';

const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;

interface Props {
  goods: IngredientView[];
  kitchen: KitchenView;
}

/** What is on the shelf and open, the first to be used first. */
export function Stock({ goods, kitchen }: Props) {
  const { data: stock = [] } = useStock();
  const [adding, setAdding] = useState(false);
  const [last, setLast] = useState<StockItem>();
  const take = useTake(setLast);
  const now = useNow(MINUTE_MS);
  const name = (id: string) => goods.find((g) => g.id === id)?.content.name ?? id;
  const today = new Intl.DateTimeFormat('en-CA', { timeZone: kitchen.settings.zone }).format(
    new Date(now),
  );
  return (
    <Box component="section" aria-label="In stock">
      <Row gap={0} align="baseline" between>
        <Text variant="h2">In stock and open</Text>
        <Button size="small" onClick={() => setAdding(true)}>
          Put in
        </Button>
      </Row>
      {stock.length === 0 && (
        <Text tone="muted">
          Nothing is written down. What is here is taken off every shopping list.
        </Text>
      )}
      <BareList>
        {stock.map((s) => (
          <Item
            key={s.id}
            item={s}
            name={name(s.ingredientId)}
            today={today}
            units={kitchen.settings.units}
            onGone={() => take(s, true)}
          />
        ))}
      </BareList>
      {last && (
        <Text size="note">
          {name(last.ingredientId)} is gone.{' '}
          <ActButton size="small" onAct={() => take(last, false)}>
            Put it back
          </ActButton>
        </Text>
      )}
      {adding && (
        <StockForm goods={goods} kitchen={kitchen} today={today} onClose={() => setAdding(false)} />
      )}
    </Box>
  );
}

/** Takes something out of the stock, or puts the last one back. */
function useTake(onLast: (item: StockItem | undefined) => void) {
  const queries = useQueryClient();
  return async (item: StockItem, gone: boolean) => {
    const params = {
      path: { id: item.id },
      query: { gone },
      header: { 'If-Match': item.version },
    };
    const changed = await answered(client.PUT('/api/pantry/stock/{id}/gone', { params }));
    onLast(gone ? changed : undefined);
    await queries.invalidateQueries({ queryKey: ['stock'] });
  };
}

interface ItemProps {
  item: StockItem;
  name: string;
  today: string;
  units: Units;
  onGone: () => Promise<void>;
}
function Item({ item: s, name, today, units, onGone }: ItemProps) {
  const due = s.useBy === undefined ? undefined : dueIn(s.useBy, today);
  return (
    <StockRow>
      <Box>
        <Text long>
          <b>{show.text(show.mass(s.massKilograms, units))}</b> {name}
          {s.note && `, ${s.note}`}
          {s.code && ` · ${s.code}`}
        </Text>
        {due && (
          <Text tone={due.tone} size="small" strong>
            {s.openedOn ? 'open, ' : ''}
            {due.words}
          </Text>
        )}
      </Box>
      <ActButton size="small" aria-label={`${name} is gone`} onAct={onGone}>
        Gone
      </ActButton>
    </StockRow>
  );
}

/** How long something is still good, in words. */
function dueIn(useBy: string, today: string): { words: string; tone: Tone } {
  const days = Math.round((Date.parse(useBy) - Date.parse(today)) / DAY_MS);
  if (days < 0)
    return { words: `past its day since ${useBy}: look at it, then discard it`, tone: 'alarm' };
  if (days === 0) return { words: 'use it today', tone: 'warn' };
  if (days === 1) return { words: 'use it by tomorrow', tone: 'warn' };
  return {
    words: `use it by ${show.day(`${useBy}T12:00Z`, 'UTC')}, in ${days} days`,
    tone: 'muted',
  };
}
