import { Box } from '@mui/material';
import { Link } from 'react-router';
import type { PartView } from '../api/client';
import { show, type Units } from '../quantities';
import { BareList, RuledRow } from './layout';
import { Span, Text } from './text';

interface Props {
  parts: PartView[];
  units: Units;
  /** Whether several dishes take them. */
  named?: boolean;
}

/** What formulas of their own make before the dishes that take it; the deepest part first. */
export function PartsToMake({ parts, units, named = false }: Props) {
  if (parts.length === 0) return null;
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  return (
    <Box component="section" aria-label="Made before" sx={{ gridColumn: '1 / -1' }}>
      <Text variant="h2">Made before</Text>
      <BareList as="ol">
        {parts.map((p) => (
          <RuledRow key={p.formulaId}>
            <Text>
              <b>{mass(p.massKilograms)}</b> <Link to={`/formulas/${p.formulaId}`}>{p.name}</Link>
              <Span tone="muted" size="note">
                {p.seconds > 0 ? ` · ${show.text(show.span(p.seconds))}` : ''}
                {named ? ` · ${p.dishes.join(', ')}` : ''}
              </Span>
            </Text>
            <Text tone="muted" size="note">
              {p.takes.map((t) => `${mass(t.massKilograms)} ${t.name.toLowerCase()}`).join(' · ')}
            </Text>
          </RuledRow>
        ))}
      </BareList>
    </Box>
  );
}
