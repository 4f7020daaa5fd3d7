import { Box, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { AnalysisView, Working } from '../../api/client';
import { show, type Units } from '../../quantities';
import type { Shown } from '../../quantities';
import { faces, sizes } from '../../theme/tokens';
import { Beads } from '../../ui/Beads';
import { Declaration } from '../../ui/Declaration';
import { ShowWorking } from '../../ui/ShowWorking';

interface Props {
  analysis: AnalysisView;
  target: number | undefined;
  units: Units;
  currency: string;
}

/** What a formula comes to, at its own size. */
export function Comes({ analysis: a, target, units, currency }: Props) {
  const working = (figure: string) => a.workings.find((w) => w.figure === figure);
  const salt =
    a.saltRangeFraction > 0.05 ? `± ${Math.round(a.saltRangeFraction * 100)} % as goods vary` : '';
  return (
    <Box component="section" aria-label="What it comes to">
      <Typography variant="h2">What it comes to</Typography>
      <Row
        name={target === undefined ? 'It makes' : 'Sauce'}
        shown={show.mass(a.madeMassKilograms, units)}
        working={working('made')}
      />
      <Row
        name="Water boiled off"
        shown={show.mass(a.goneMassKilograms, units)}
        working={working('made')}
      />
      {target !== undefined && (
        <Row
          name="Solids of the sauce"
          shown={show.percent(a.solidsFraction)}
          note={`${show.percent(a.startSolidsFraction).value} when all is in, ${show.percent(target).value} before the finish`}
          working={working('made')}
        />
      )}
      <Row name="Salt" shown={show.percent(a.saltFraction)} note={salt} working={working('salt')} />
      {a.cost !== undefined && (
        <Row
          name="Cost"
          shown={show.money(a.cost, currency)}
          note={`${show.text(show.money(a.cost / a.madeMassKilograms, currency))} a kg, by the cheapest packs`}
        />
      )}
      {a.tastes.length > 0 && (
        <Box sx={{ py: 1 }}>
          <Typography variant="caption" sx={{ color: 'text.secondary' }}>
            before the finish, and on the table
          </Typography>
          <Beads beads={a.tastes} compact />
        </Box>
      )}
      <Box sx={{ pt: 1 }}>
        <Declaration of={a.declaration} avoided={a.avoided} />
      </Box>
    </Box>
  );
}

function Row({
  name,
  shown,
  note,
  working,
}: {
  name: string;
  shown: Shown;
  note?: ReactNode;
  working?: Working | undefined;
}) {
  return (
    <Box
      sx={{
        display: 'grid',
        gridTemplateColumns: '1fr auto',
        alignItems: 'baseline',
        py: 0.55,
        borderBottom: 1,
        borderColor: 'divider',
        columnGap: 1,
      }}
    >
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <Typography>{name}</Typography>
        {working && <ShowWorking working={working} title={name} words="how" />}
      </Box>
      <Typography sx={{ fontFamily: faces.figures, fontWeight: 700, fontSize: sizes.lead }}>
        {shown.value}
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
          {shown.unit}
        </Box>
      </Typography>
      {note && (
        <Typography sx={{ fontSize: sizes.small, color: 'text.secondary', gridColumn: '1 / -1' }}>
          {note}
        </Typography>
      )}
    </Box>
  );
}
