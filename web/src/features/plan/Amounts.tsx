import { Box, Typography } from '@mui/material';
import { memo } from 'react';
import type { AmountView, PlanView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { faces, sizes } from '../../theme/tokens';
import { ShowWorking } from '../../ui/ShowWorking';

/** What goes into the pot, in both systems, with first doses. */
export const Amounts = memo(function Amounts({ plan, units }: { plan: PlanView; units: Units }) {
  const working = plan.workings.find((w) => w.figure === 'amounts');
  return (
    <Box>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <Typography variant="h2">Into the pot</Typography>
        {working && <ShowWorking working={working} title="Into the pot" words="how much" />}
      </Box>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {plan.amounts.map((a, i) => (
          <Line key={`${a.ingredientId}${i}`} amount={a} units={units} />
        ))}
      </Box>
    </Box>
  );
});

function Line({ amount, units }: { amount: AmountView; units: Units }) {
  const spoons = amount.spoonVolumeCubicMeters;
  const first =
    units === 'US' && spoons !== undefined
      ? show.spoons(spoons)
      : show.mass(amount.massKilograms, units);
  const other =
    units === 'METRIC' ? measured(amount) : show.text(show.mass(amount.massKilograms, 'METRIC'));
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '1fr auto',
        columnGap: 2,
        py: 0.9,
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      <Typography>{amount.name}</Typography>
      <Typography sx={{ fontFamily: faces.figures, fontWeight: 700, textAlign: 'right' }}>
        {first.value}
        <Box
          component="span"
          sx={{
            fontSize: sizes.small,
            ml: 0.4,
            color: 'text.secondary',
            fontFamily: faces.text,
            fontWeight: 500,
          }}
        >
          {first.unit}
        </Box>
      </Typography>
      <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>
        {[amount.note, doses(amount, units)].filter(Boolean).join(' · ')}
      </Typography>
      <Typography sx={{ fontSize: sizes.note, color: 'text.secondary', textAlign: 'right' }}>
        {other}
      </Typography>
    </Box>
  );
}

/** US measures as a cook would take them: spoons, pieces, else pounds and ounces. */
function measured(a: AmountView): string {
  if (a.spoonVolumeCubicMeters !== undefined)
    return show.text(show.spoons(a.spoonVolumeCubicMeters));
  const weight = show.text(show.mass(a.massKilograms, 'US'));
  return a.pieces
    ? `${weight} · ${show.quarters(a.pieces.count)} ${a.pieces.name}${a.pieces.count > 1 ? 's' : ''}`
    : weight;
}

function doses(a: AmountView, units: Units): string {
  const later = a.massKilograms - a.firstDoseKilograms;
  return later < 1e-6
    ? ''
    : `${show.text(show.mass(a.firstDoseKilograms, units))} at first, ${show.text(show.mass(later, units))} after tasting`;
}
