import { Box } from '@mui/material';
import type { KitchenView, VesselView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { Urn } from '../../ui/Urn';
import { Row } from '../../ui/layout';
import { drawnWidthOf, shareOfWidest, widestOf } from '../../ui/scale';
import { Text } from '../../ui/text';
import { Drawn } from './Drawn';
import { Heading } from './Heading';
import { length } from './sizes';

const wide = (v: VesselView, units: Units) => {
  const [first, second] = [length(v.firstWidthMeters, units), length(v.secondWidthMeters, units)];
  return first === second
    ? first
    : v.shape === 'ROUND'
      ? `${first} to ${second}`
      : `${first} by ${second}`;
};

/** All that is known of a pot, in a line. */
function vesselWords(v: VesselView, units: Units): string {
  const empty =
    v.emptyMassKilograms > 0
      ? `${show.text(show.mass(v.emptyMassKilograms, units))} empty`
      : 'never weighed';
  return [
    show.text(show.volume(v.capacityCubicMeters, units)),
    `${wide(v, units)} wide, ${length(v.depthMeters, units)} deep`,
    empty,
    v.lid ? 'lid' : '',
    v.ovenLimitCelsius
      ? `oven to ${show.text(show.temperature(v.ovenLimitCelsius, units, 0))}`
      : '',
    v.attackedByAcid ? 'bare metal: no long acid' : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

/** The pots, drawn to one scale. */
export function Vessels({
  kitchen,
  onEdit,
}: {
  kitchen: KitchenView;
  onEdit: (vessel?: VesselView) => void;
}) {
  const { units } = kitchen.settings;
  const widest = widestOf(kitchen.vessels);
  return (
    <Box component="section" aria-label="Pots">
      <Heading
        title="Pots, all to one scale"
        act="Add a pot"
        onAct={() => onEdit()}
        working={kitchen.workings.find((w) => w.figure === 'capacity')}
      />
      {kitchen.vessels.length === 0 && <Text>No pot yet. Add the one that is used most.</Text>}
      <Row gap={2} align="end" wrap>
        {kitchen.vessels.map((v) => (
          <Drawn
            key={v.id}
            name={v.name}
            onEdit={() => onEdit(v)}
            width={sizes.kitchenPot * shareOfWidest(v, widest)}
            words={vesselWords(v, units)}
          >
            <Box sx={{ width: sizes.kitchenPot * shareOfWidest(v, widest) }}>
              <Urn
                shape={v}
                fillMeters={0}
                drawnWidth={drawnWidthOf(v, widest)}
                title={`${v.name}, to scale`}
              />
            </Box>
          </Drawn>
        ))}
      </Row>
    </Box>
  );
}
