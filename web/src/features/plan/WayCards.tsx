import { Box, ButtonBase } from '@mui/material';
import { Fragment } from 'react';
import type { AlternativeView } from '../../api/client';
import { show } from '../../quantities';
import { Span, Text } from '../../ui/text';
import { chosenBy, GIVES, type Here } from './alternatives';
import type { PlanForm } from './form';
import { WayButton, WayCard, WaysGrid } from './plan.styles';

interface Choosing {
  zone: string;
  change: (to: Partial<PlanForm>) => void;
  here: Here;
}
interface Props extends Choosing {
  title: string;
  ways: AlternativeView[];
}

/** Ways beside each other, each with its hour and what it costs. */
export function WayCards({ title, ways, zone, change, here }: Props) {
  return (
    <Box component="section" aria-label={title}>
      <WaysGrid>
        {ways.map((way) => (
          <Way key={`${way.kind} ${way.what}`} way={way} zone={zone} change={change} here={here} />
        ))}
      </WaysGrid>
    </Box>
  );
}

/** Longer ways need less room: they are only asked for now and then. */
export function LaterWays({ ways, zone, change, here }: Omit<Props, 'title'>) {
  return (
    <Text component="section" aria-label="Later?" tone="muted" size="note">
      Later?{' '}
      {ways.map((way) => {
        const chosen = chosenBy(way, zone, here);
        const words = `${way.thickAt ? show.hour(way.thickAt, zone) : ''} ${way.what}`;
        return (
          <Fragment key={way.what}>
            {' '}
            {chosen ? (
              <WayButton
                onClick={() => change(chosen)}
                aria-label={`${words}, ${way.cost}. Plan it so`}
              >
                {words}
              </WayButton>
            ) : (
              <Span tone="ink" sx={{ px: 0.5 }}>
                {words}
              </Span>
            )}
          </Fragment>
        );
      })}
    </Text>
  );
}

function Way({ way, zone, change, here }: Choosing & { way: AlternativeView }) {
  const given = GIVES[way.kind];
  const hour =
    given ?? (way.thickAt ? show.hour(way.thickAt, zone) : show.text(show.span(way.simmerSeconds)));
  const words = (
    <WayCard>
      <Text component="span" size="lead" figures sx={{ display: 'block' }}>
        {hour}
      </Text>
      <Text component="span" size="note" strong sx={{ display: 'block' }}>
        {way.what}
      </Text>
      <Text component="span" tone="muted" size="small" sx={{ display: 'block' }}>
        {way.cost}
      </Text>
    </WayCard>
  );
  const chosen = chosenBy(way, zone, here);
  return chosen ? (
    <ButtonBase
      onClick={() => change(chosen)}
      aria-label={`${way.what}, ${given ? 'to be in time' : `thick enough ${hour}`}, ${way.cost}. Plan it so`}
      sx={{ borderRadius: 1 }}
    >
      {words}
    </ButtonBase>
  ) : (
    words
  );
}
