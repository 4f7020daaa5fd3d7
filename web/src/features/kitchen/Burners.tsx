import { Box, Button } from '@mui/material';
import type { HeatSourceView, KitchenView } from '../../api/client';
import { BareList } from '../../ui/layout';
import { Text } from '../../ui/text';
import { Heading } from './Heading';
import { BurnerRow } from './kitchen.styles';
import { show } from '../../quantities';

/** The burners, with what of their power enters a pot. */
export function Burners({
  kitchen,
  onEdit,
  onTime,
}: {
  kitchen: KitchenView;
  onEdit: (burner?: HeatSourceView) => void;
  onTime: (burner: HeatSourceView) => void;
}) {
  return (
    <Box component="section" aria-label="Burners">
      <Heading
        title="Burners"
        act="Add a burner"
        onAct={() => onEdit()}
        working={kitchen.workings.find((w) => w.figure === 'powerIntoPot')}
      />
      {kitchen.heatSources.length === 0 && (
        <Text>No burner yet. Its label says how many watts it has.</Text>
      )}
      <BareList>
        {kitchen.heatSources.map((h) => (
          <BurnerRow key={h.id}>
            <Text bold long>
              {h.name}
            </Text>
            <Text
              tone="muted"
              sx={{ gridRow: { xs: 2, sm: 'auto' }, gridColumn: { xs: '1 / -1', sm: 'auto' } }}
            >
              {h.kind.toLowerCase()} · {show.fixed(h.labelPowerWatts / 1000, 1)} kW on the label,{' '}
              {h.measuredPowerWatts
                ? `${show.fixed(h.measuredPowerWatts / 1000, 2)} kW into the pot, as timed`
                : `about ${show.fixed(h.powerIntoPotWatts / 1000, 1)} kW into the pot`}
            </Text>
            <Button
              onClick={() => onTime(h)}
              aria-label={`Time ${h.name} to the boil`}
              disabled={kitchen.vessels.length === 0}
            >
              Time it
            </Button>
            <Button onClick={() => onEdit(h)} aria-label={`Change ${h.name}`}>
              Change
            </Button>
          </BurnerRow>
        ))}
      </BareList>
    </Box>
  );
}
