import { Box } from '@mui/material';
import type { KitchenView, OvenView } from '../../api/client';
import { show } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { OvenBox } from '../../ui/OvenBox';
import { Row } from '../../ui/layout';
import { pixelsPerMeter } from '../../ui/scale';
import { Text } from '../../ui/text';
import { Drawn } from './Drawn';
import { Heading } from './Heading';
import { length } from './sizes';

/** The ovens, drawn to the scale of the pots. */
export function Ovens({
  kitchen,
  onEdit,
}: {
  kitchen: KitchenView;
  onEdit: (oven?: OvenView) => void;
}) {
  const { units } = kitchen.settings;
  const scale = pixelsPerMeter(kitchen.vessels, sizes.kitchenPot);
  return (
    <Box component="section" aria-label="Ovens">
      <Heading
        title="Ovens, to the scale of the pots"
        act="Add an oven"
        onAct={() => onEdit()}
        working={undefined}
      />
      {kitchen.ovens.length === 0 && (
        <Text>No oven yet. With its inside sizes it is known which pot goes in.</Text>
      )}
      <Row gap={2} align="end" wrap>
        {kitchen.ovens.map((o) => (
          <Drawn
            key={o.id}
            name={o.name}
            onEdit={() => onEdit(o)}
            width={o.widthMeters * scale}
            words={`${length(o.widthMeters, units)} wide, ${length(o.depthMeters, units)} deep, ${length(o.heightMeters, units)} high inside · to ${show.text(show.temperature(o.hottestCelsius, units, 0))}${o.fan ? ' · fan' : ''}`}
          >
            <OvenBox
              widthMeters={o.widthMeters}
              heightMeters={o.heightMeters}
              pixelsPerMeter={scale}
              title={`${o.name}, to scale`}
            />
          </Drawn>
        ))}
      </Row>
    </Box>
  );
}
