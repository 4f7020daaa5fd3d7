import { Box, Typography } from '@mui/material';
import type { MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';

/** By cut and by tool, in the order that needs the least washing; what must be begun early first. */
export function Mise({ meal, units }: { meal: MealView; units: Units }) {
  if (meal.tools.length === 0 && meal.early.length === 0) return null;
  return (
    <Box component="section" aria-label="Mise en place" sx={{ gridColumn: '1 / -1' }}>
      <Typography variant="h2">
        Mise en place, {show.text(show.span(meal.handsSeconds))} of hands
      </Typography>
      {meal.early.length > 0 && (
        <Box sx={{ my: 0.5 }}>
          {meal.early.map((e) => (
            <Typography key={e.name + e.what} sx={{ color: 'warning.main', fontWeight: 600 }}>
              {before(e.beforeSeconds)} before: {show.text(show.mass(e.massKilograms, units))}{' '}
              {e.name}, {e.what}
            </Typography>
          ))}
        </Box>
      )}
      <Box sx={{ columnWidth: 300, columnGap: 4 }}>
        {meal.tools.map((t) => (
          <Box key={t.name} sx={{ breakInside: 'avoid', pb: 1.5 }}>
            <Typography
              sx={{ fontWeight: 700, borderTop: 2, borderColor: 'text.primary', pt: 0.5 }}
            >
              {t.name}
              {t.washes > 0 && (
                <Box
                  component="span"
                  sx={{ fontWeight: 500, fontSize: sizes.note, color: 'text.secondary' }}
                >
                  , washed {t.washes === 1 ? 'once' : `${t.washes} times`}
                </Box>
              )}
            </Typography>
            <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
              {t.preps.map((k) => (
                <Box
                  component="li"
                  key={k.name + k.what}
                  sx={{ borderBottom: 1, borderColor: 'divider', py: 0.4 }}
                >
                  {k.washBefore && (
                    <Typography sx={{ fontSize: sizes.small, color: 'info.main', fontWeight: 700 }}>
                      wash the {t.name}
                    </Typography>
                  )}
                  <Typography>
                    <b>{show.text(show.mass(k.massKilograms, units))}</b> {k.name}, {k.what}{' '}
                    <Box component="span" sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
                      {k.dishes.join(', ')}
                    </Box>
                  </Typography>
                </Box>
              ))}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

const before = (seconds: number): string =>
  seconds >= 7200 ? `${Math.round(seconds / 3600)} h` : show.text(show.span(seconds));
