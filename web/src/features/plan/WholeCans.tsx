import { Box, Typography } from '@mui/material';
import { memo, useId } from 'react';
import type { PlanPreview } from '../../api/client';
import { show, type Units } from '../../quantities';
import { packsInWords } from '../../ui/Purchases';
import { faces, sizes } from '../../theme/tokens';
import type { PlanForm } from './form';

type Size = PlanPreview['sizes'][number];
const WORDS: Record<Size['rounding'], string> = {
  EXACT: 'as needed',
  UP: 'whole cans, up',
  DOWN: 'whole cans, down',
};

interface Props {
  options: Size[];
  chosen: PlanForm['rounding'];
  change: (to: Partial<PlanForm>) => void;
  units: Units;
  currency: string;
}

/** As needed and in whole cans, side by side: whom it feeds, what is left over, what all packs cost. */
export const WholeCans = memo(function WholeCans({
  options,
  chosen,
  change,
  units,
  currency,
}: Props) {
  const id = useId();
  const main = options[0]?.ingredientName;
  if (!main) return null;
  return (
    <Box role="radiogroup" aria-labelledby={id}>
      <Typography id={id} variant="caption" sx={{ color: 'text.secondary', display: 'block' }}>
        {main} by the pack
      </Typography>
      {options.map((s) => {
        const on = s.rounding === chosen;
        return (
          <Box
            key={s.rounding}
            component="label"
            sx={{
              position: 'relative',
              display: 'grid',
              gridTemplateColumns: '1fr auto',
              columnGap: 1.5,
              px: 0.75,
              py: 0.4,
              minHeight: { xs: 44, md: 0 },
              borderLeft: 4,
              borderColor: on ? 'text.primary' : 'divider',
              bgcolor: on ? 'kitchen.well' : 'transparent',
              '&:focus-within': { outline: 2, outlineColor: 'error.main' },
            }}
          >
            <Box
              component="input"
              type="radio"
              name={id}
              checked={on}
              onChange={() => change({ rounding: s.rounding })}
              sx={{
                position: 'absolute',
                inset: 0,
                opacity: 0,
                width: '100%',
                height: '100%',
                m: 0,
                cursor: 'pointer',
              }}
            />
            <Typography component="span" sx={{ fontWeight: 600, fontSize: sizes.note }}>
              {WORDS[s.rounding]}
            </Typography>
            <Typography
              component="span"
              sx={{
                fontFamily: faces.figures,
                fontWeight: 700,
                fontSize: sizes.note,
                textAlign: 'right',
              }}
            >
              feeds {Math.floor(s.portions * 10 + 1e-6) / 10}
            </Typography>
            <Typography
              component="span"
              sx={{ fontSize: sizes.small, color: 'text.secondary', gridColumn: '1 / -1' }}
            >
              {[
                packsInWords(s.packs, units) || 'less than one',
                s.leftMassKilograms > 0.005
                  ? `${show.text(show.mass(s.leftMassKilograms, units))} left`
                  : '',
                s.costBought === undefined ? '' : show.text(show.money(s.costBought, currency)),
              ]
                .filter(Boolean)
                .join(' · ')}
            </Typography>
          </Box>
        );
      })}
    </Box>
  );
});
