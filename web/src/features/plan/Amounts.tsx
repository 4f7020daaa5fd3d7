import { Box } from '@mui/material';
import { memo } from 'react';
import type { AmountView, PlanView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { ShowWorking } from '../../ui/ShowWorking';
import { PartsToMake } from '../../ui/PartsToMake';
import { BareList, Row } from '../../ui/layout';
import { Text, Span } from '../../ui/text';
import { AmountRow } from './plan.styles';

/** What goes into the pot, in both systems, with first doses. */
export const Amounts = memo(function Amounts({ plan, units }: { plan: PlanView; units: Units }) {
  const working = plan.workings.find((w) => w.figure === 'amounts');
  return (
    <Box>
      <Row gap={0} align="baseline" between>
        <Text variant="h2">Into the pot</Text>
        {working && <ShowWorking working={working} title="Into the pot" words="how much" />}
      </Row>
      <BareList>
        {plan.amounts.map((a, i) => (
          <Line key={`${a.ingredientId}${i}`} amount={a} units={units} />
        ))}
      </BareList>
      <PartsToMake parts={plan.parts} units={units} />
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
    <AmountRow>
      <Text>{amount.name}</Text>
      <Text figures end>
        {first.value}
        <Span tone="muted" size="small" plain sx={{ ml: 0.4 }}>
          {first.unit}
        </Span>
      </Text>
      <Text tone="muted" size="note">
        {[amount.note, doses(amount, units)].filter(Boolean).join(' · ')}
      </Text>
      <Text tone="muted" size="note" end>
        {other}
      </Text>
    </AmountRow>
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
