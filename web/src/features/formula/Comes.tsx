import { Box } from '@mui/material';
import type { ReactNode } from 'react';
import type { AnalysisView, Working } from '../../api/client';
import { show, type Units } from '../../quantities';
import type { Shown } from '../../quantities';
import { Beads } from '../../ui/Beads';
import { Declaration } from '../../ui/Declaration';
import { ShowWorking } from '../../ui/ShowWorking';
import { Row } from '../../ui/layout';
import { Text, Span } from '../../ui/text';
import { PartRow } from './formula.styles';

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
      <Text variant="h2">What it comes to</Text>
      <Part
        name={target === undefined ? 'It makes' : 'Sauce'}
        shown={show.mass(a.madeMassKilograms, units)}
        working={working('made')}
      />
      <Part
        name="Water boiled off"
        shown={show.mass(a.goneMassKilograms, units)}
        working={working('made')}
      />
      {target !== undefined && (
        <Part
          name="Solids of the sauce"
          shown={show.percent(a.solidsFraction)}
          note={`${show.percent(a.startSolidsFraction).value} when all is in, ${show.percent(target).value} before the finish`}
          working={working('made')}
        />
      )}
      <Part
        name="Salt"
        shown={show.percent(a.saltFraction)}
        note={salt}
        working={working('salt')}
      />
      {a.cost !== undefined && (
        <Part
          name="Cost"
          shown={show.money(a.cost, currency)}
          note={`${show.text(show.money(a.cost / a.madeMassKilograms, currency))} a kg, by the cheapest packs`}
        />
      )}
      {a.tastes.length > 0 && (
        <Box sx={{ py: 1 }}>
          <Text variant="caption" tone="muted">
            before the finish, and on the table
          </Text>
          <Beads beads={a.tastes} compact />
        </Box>
      )}
      <Box sx={{ pt: 1 }}>
        <Declaration of={a.declaration} avoided={a.avoided} />
      </Box>
    </Box>
  );
}

function Part({
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
    <PartRow>
      <Row align="baseline">
        <Text>{name}</Text>
        {working && <ShowWorking working={working} title={name} words="how" />}
      </Row>
      <Text size="lead" figures>
        {shown.value}
        <Span tone="muted" size="small" plain sx={{ ml: 0.4 }}>
          {shown.unit}
        </Span>
      </Text>
      {note && (
        <Text tone="muted" size="small" sx={{ gridColumn: '1 / -1' }}>
          {note}
        </Text>
      )}
    </PartRow>
  );
}
