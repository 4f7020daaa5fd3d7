import { Box, Button } from '@mui/material';
import { Link } from 'react-router';
import type { BatchView, KitchenView } from '../../api/client';
import { show } from '../../quantities';
import { Figure } from '../../ui/Figure';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';

interface Props {
  batch: BatchView;
  kitchen: KitchenView;
}

/** What became of a batch, and where it goes now: hot food waits for nobody. */
export function Over({ batch, kitchen }: Props) {
  const { zone, units } = kitchen.settings;
  if (!batch.end) return null;
  const { endedAt, finalMassKilograms, lateSeconds, note, stopped, workings } = batch.end;
  const planned = show.text(show.mass(batch.planned.endMassKilograms, units));
  const working = (figure: string) => workings.find((w) => w.figure === figure);
  return (
    <Box>
      <Figure
        label={`${stopped ? 'Stopped, not done' : 'Off the heat'}, ${show.day(endedAt, zone)}`}
        shown={{ value: show.hour(endedAt, zone), unit: '' }}
        size="huge"
      />
      <Row gap={3} wrap sx={{ mt: 1 }}>
        {lateSeconds !== undefined && !stopped && (
          <Figure
            label={lateSeconds < 0 ? 'earlier than planned' : 'later than planned'}
            shown={show.span(lateSeconds)}
            working={working('late')}
          />
        )}
        <Figure
          label={stopped ? 'is kept' : `came out, ${planned} planned`}
          shown={
            finalMassKilograms === undefined
              ? { value: 'not weighed', unit: '' }
              : show.mass(finalMassKilograms, units)
          }
          working={working('finalMass')}
        />
      </Row>
      {stopped && (
        <Text tone="cold">
          It goes on another day: cool it, put it into tubs, and go on with them from their page.
        </Text>
      )}
      {note && (
        <Text long sx={{ mt: 1 }}>
          {note}
        </Text>
      )}
      <WhereNow batch={batch} />
    </Box>
  );
}

/** Cooled, held or served: each begins from this batch. */
function WhereNow({ batch }: { batch: BatchView }) {
  // What came out, else what was last expected to: whoever weighs it types over it.
  const mass = batch.end?.finalMassKilograms ?? batch.forecast.endMassKilograms;
  const kilograms = `mass=${Math.round(mass * 100) / 100} kg`;
  return (
    <Row wrap sx={{ mt: 2 }} role="group" aria-label="Where it goes now">
      <Button
        size="large"
        variant="contained"
        component={Link}
        to={`/keep/cool?batch=${batch.id}&${kilograms}`}
      >
        Cool it
      </Button>
      {!batch.end?.stopped && (
        <>
          <Button
            size="large"
            variant="outlined"
            component={Link}
            to={`/keep?hold=${batch.id}&${kilograms}`}
          >
            Hold it hot
          </Button>
          <Button size="large" variant="outlined" component={Link} to="/meals">
            Serve it
          </Button>
        </>
      )}
      <Button size="large" component={Link} to={`/logbook/${batch.id}`}>
        Its record
      </Button>
    </Row>
  );
}
