import { useNow } from '../../api/clock';
import { Box, Button, Typography } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, type IngredientView, type KitchenView, type StockItem } from '../../api/client';
import { useStock } from '../../api/pantry';
import { answered } from '../../api/problem';
import { show } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { StockForm } from './StockForm';

const DAY_MS = 86_400_000;

const MINUTE_MS = 60_000;

/** What is on the shelf and open, the first to be used first. */
export function Stock({ goods, kitchen }: { goods: IngredientView[]; kitchen: KitchenView }) {
  const queries = useQueryClient();
  const { data: stock = [] } = useStock();
  const [adding, setAdding] = useState(false);
  const [last, setLast] = useState<StockItem>();
  const { units, zone } = kitchen.settings;
  const now = useNow(MINUTE_MS);
  const name = (id: string) => goods.find((g) => g.id === id)?.content.name ?? id;
  const today = new Intl.DateTimeFormat('en-CA', { timeZone: zone }).format(new Date(now));
  const take = async (item: StockItem, gone: boolean) => {
    const changed = await answered(
      client.PUT('/api/pantry/stock/{id}/gone', {
        params: { path: { id: item.id }, query: { gone }, header: { 'If-Match': item.version } },
      }),
    );
    setLast(gone ? changed : undefined);
    await queries.invalidateQueries({ queryKey: ['stock'] });
  };
  return (
    <Box component="section" aria-label="In stock">
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <Typography variant="h2">In stock and open</Typography>
        <Button size="small" onClick={() => setAdding(true)}>
          Put in
        </Button>
      </Box>
      {stock.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          Nothing is written down. What is here is taken off every shopping list.
        </Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {stock.map((s) => {
          const due = s.useBy === undefined ? undefined : dueIn(s.useBy, today);
          return (
            <Box
              component="li"
              key={s.id}
              sx={{
                display: 'grid',
                gridTemplateColumns: '1fr auto',
                py: 0.5,
                borderBottom: 1,
                borderColor: 'divider',
                alignItems: 'center',
              }}
            >
              <Box>
                <Typography sx={{ overflowWrap: 'anywhere' }}>
                  <b>{show.text(show.mass(s.massKilograms, units))}</b> {name(s.ingredientId)}
                  {s.note && `, ${s.note}`}
                  {s.code && ` · ${s.code}`}
                </Typography>
                {due && (
                  <Typography
                    sx={{
                      fontSize: sizes.small,
                      fontWeight: 600,
                      color: due.late ? 'error.main' : due.soon ? 'warning.main' : 'text.secondary',
                    }}
                  >
                    {s.openedOn ? 'open, ' : ''}
                    {due.words}
                  </Typography>
                )}
              </Box>
              <Button
                size="small"
                aria-label={`${name(s.ingredientId)} is gone`}
                onClick={() => void take(s, true)}
              >
                Gone
              </Button>
            </Box>
          );
        })}
      </Box>
      {last && (
        <Typography sx={{ fontSize: sizes.note }}>
          {name(last.ingredientId)} is gone.{' '}
          <Button size="small" onClick={() => void take(last, false)}>
            Put it back
          </Button>
        </Typography>
      )}
      {adding && (
        <StockForm goods={goods} kitchen={kitchen} today={today} onClose={() => setAdding(false)} />
      )}
    </Box>
  );
}

/** How long something is still good, in words. */
function dueIn(useBy: string, today: string): { words: string; late: boolean; soon: boolean } {
  const days = Math.round((Date.parse(useBy) - Date.parse(today)) / DAY_MS);
  if (days < 0)
    return {
      words: `past its day since ${useBy}: look at it, then discard it`,
      late: true,
      soon: true,
    };
  return {
    words:
      days === 0
        ? 'use it today'
        : days === 1
          ? 'use it by tomorrow'
          : `use it by ${useBy}, in ${days} days`,
    late: false,
    soon: days <= 1,
  };
}
