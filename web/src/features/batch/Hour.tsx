import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import type { BatchView, KitchenView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Figure } from '../../ui/Figure';
import { Row, Well } from '../../ui/layout';
import { Text } from '../../ui/text';
import { BesideHour } from './batch.styles';

interface Props {
  batch: BatchView;
  kitchen: KitchenView;
  onTarget: () => void;
}
/** Less than this is as planned. */
const TURNED_SECONDS = 60;

/** When it is thick enough, and how sure that is. */
export function Hour({ batch, kitchen, onTarget }: Props) {
  const { forecast } = batch;
  const { zone, units } = kitchen.settings;
  const working = (figure: string) => forecast.workings.find((w) => w.figure === figure);
  if (!forecast.thickAt || !forecast.earliest || !forecast.latest)
    return (
      <Text variant="h2" component="p" role="status" tone="alarm">
        {forecast.neverReason}
      </Text>
    );
  const thickAt = show.hour(forecast.thickAt, zone);
  return (
    <Box>
      <Row gap={2} align="start" wrap between>
        <Box role="status" aria-live="polite">
          <Figure
            label="Thick enough at"
            shown={{ value: thickAt, unit: '' }}
            size="huge"
            working={working('thickAt')}
          />
        </Box>
        <BesideHour>
          <Turned batch={batch} />
          <Row>
            <Button onClick={onTarget}>How thick</Button>
            <Button component={Link} to={`/balance?pot=${batch.id}`}>
              Balance
            </Button>
            <Button component={Link} to={`/pots/${batch.id}/hand-over`}>
              Hand over
            </Button>
          </Row>
        </BesideHour>
      </Row>
      <Row gap={3} wrap sx={{ mt: 1 }}>
        <Figure
          label="most likely"
          shown={{
            value: `${show.hour(forecast.earliest, zone)} – ${show.hour(forecast.latest, zone)}`,
            unit: '',
          }}
          working={working('thickAt')}
        />
        <Figure
          label={boilsOff(forecast.readings)}
          shown={perHour(forecast.kilogramsPerHour, units)}
          working={working('rate')}
        />
      </Row>
    </Box>
  );
}

/** How far the hour has turned from the plan. */
function Turned({ batch: { forecast, asPlanned } }: { batch: BatchView }) {
  const late =
    asPlanned.thickAt && forecast.thickAt
      ? (Date.parse(forecast.thickAt) - Date.parse(asPlanned.thickAt)) / 1000
      : 0;
  const words =
    Math.abs(late) < TURNED_SECONDS
      ? 'as planned'
      : `${show.text(show.span(late))} ${late > 0 ? 'later' : 'earlier'} than planned`;
  const isLate = late > TURNED_SECONDS;
  return (
    <Well on={isLate ? 'warn' : 'good'} sx={{ py: 0.5 }}>
      <Text tone={isLate ? 'warn' : 'good'} strong>
        {words}
      </Text>
    </Well>
  );
}

function boilsOff(readings: number): string {
  if (readings === 0) return 'boils off, as assumed';
  return `boils off, from ${readings} ${readings === 1 ? 'reading' : 'readings'}`;
}

function perHour(kilograms: number, units: Units) {
  const shown = show.mass(kilograms, units);
  return { ...shown, unit: `${shown.unit}/h` };
}
