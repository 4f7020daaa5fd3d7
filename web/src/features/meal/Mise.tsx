import { Box } from '@mui/material';
import type { MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { BareList, RuledRow } from '../../ui/layout';
import { Span, Text } from '../../ui/text';
import { ToolName } from './meal.styles';

/** By cut and by tool, in the order that needs the least washing; what must be begun early first. */
export function Mise({ meal, units }: { meal: MealView; units: Units }) {
  if (meal.tools.length === 0 && meal.early.length === 0) return null;
  return (
    <Box component="section" aria-label="Mise en place" sx={{ gridColumn: '1 / -1' }}>
      <Text variant="h2">Mise en place, {show.text(show.span(meal.handsSeconds))} of hands</Text>
      {meal.early.length > 0 && (
        <Box sx={{ my: 0.5 }}>
          {meal.early.map((e) => (
            <Text key={e.name + e.what} tone="warn" strong>
              {before(e.beforeSeconds)} before: {show.text(show.mass(e.massKilograms, units))}{' '}
              {e.name}, {e.what}
            </Text>
          ))}
        </Box>
      )}
      <Box sx={{ columnWidth: 300, columnGap: 4 }}>
        {meal.tools.map((t) => (
          <Box key={t.name} sx={{ breakInside: 'avoid', pb: 1.5 }}>
            <ToolName bold>
              {t.name}
              {t.washes > 0 && (
                <Span tone="muted" size="note" plain>
                  , washed {t.washes === 1 ? 'once' : `${t.washes} times`}
                </Span>
              )}
            </ToolName>
            <BareList as="ol">
              {t.preps.map((k) => (
                <RuledRow key={k.name + k.what}>
                  {k.washBefore && (
                    <Text tone="cold" size="small" bold>
                      wash the {t.name}
                    </Text>
                  )}
                  <Text>
                    <b>{show.text(show.mass(k.massKilograms, units))}</b> {k.name}, {k.what}{' '}
                    <Span tone="muted" size="small">
                      {k.dishes.join(', ')}
                    </Span>
                  </Text>
                </RuledRow>
              ))}
            </BareList>
          </Box>
        ))}
      </Box>
    </Box>
  );
}

const before = (seconds: number): string =>
  seconds >= 7200 ? `${Math.round(seconds / 3600)} h` : show.text(show.span(seconds));
