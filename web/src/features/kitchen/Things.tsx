import { Box, Button } from '@mui/material';
import type { ColdPlaceView, KitchenView, MeasureView } from '../../api/client';
import { show } from '../../quantities';
import { BareList } from '../../ui/layout';
import { Text } from '../../ui/text';
import { COLD_KINDS } from './ColdPlaceForm';
import { Heading } from './Heading';
import { ThingRow } from './kitchen.styles';

/** Where things get cold. */
export function ColdPlaces({
  kitchen,
  onEdit,
}: {
  kitchen: KitchenView;
  onEdit: (place?: ColdPlaceView) => void;
}) {
  return (
    <Box component="section" aria-label="Cold places">
      <Heading
        title="Cold places"
        act="Add a cold place"
        onAct={() => onEdit()}
        working={undefined}
      />
      {kitchen.coldPlaces.length === 0 && (
        <Text>None yet. With their temperatures it is known whether a pan cools in time.</Text>
      )}
      <BareList>
        {kitchen.coldPlaces.map((p) => (
          <ThingRow key={p.id}>
            <Text bold long>
              {p.name}
            </Text>
            <Text tone="muted" sx={{ flex: 1 }}>
              {COLD_KINDS[p.kind]},{' '}
              {show.text(show.temperature(p.celsius, kitchen.settings.units, 0))}
            </Text>
            <Button onClick={() => onEdit(p)} aria-label={`Change ${p.name}`}>
              Change
            </Button>
          </ThingRow>
        ))}
      </BareList>
    </Box>
  );
}

/** What the kitchen measures with, weighed once. */
export function Measures({
  kitchen,
  onEdit,
}: {
  kitchen: KitchenView;
  onEdit: (measure?: MeasureView) => void;
}) {
  return (
    <Box component="section" aria-label="Measures">
      <Heading
        title="My ladle, my handful"
        act="Add a measure"
        onAct={() => onEdit()}
        working={undefined}
      />
      {kitchen.measures.length === 0 && (
        <Text>None yet. Weigh once what yours holds, and its name becomes a unit.</Text>
      )}
      <BareList>
        {kitchen.measures.map((m) => (
          <ThingRow key={m.id}>
            <Text bold long>
              {m.name}
              {m.ingredientId && ` of ${m.ingredientId.replaceAll('-', ' ')}`}
            </Text>
            <Text tone="muted" sx={{ flex: 1 }}>
              holds {show.text(show.mass(m.massKilograms, kitchen.settings.units))}
            </Text>
            <Button onClick={() => onEdit(m)} aria-label={`Change the ${m.name}`}>
              Change
            </Button>
          </ThingRow>
        ))}
      </BareList>
    </Box>
  );
}
