import { Box } from '@mui/material';
import { useTheme } from '@mui/material/styles';
import { scaleLog, scaleTime } from 'd3-scale';
import type { PotRates } from '../../api/client';
import { useRates } from '../../api/logbook';
import { show } from '../../quantities';
import { BareList } from '../../ui/layout';
import { Text, Span } from '../../ui/text';
import { RateRow } from './logbook.styles';

const SIZE = { width: 420, height: 58 };

/** How fast each pot really boils off, batch after batch. */
export function Rates({ zone }: { zone: string }) {
  const { data = [] } = useRates();
  if (data.length === 0) return null;
  return (
    <Box component="section" aria-label="How fast each pot boils off">
      <Text variant="h2">How fast each pot boils off</Text>
      <Text tone="muted" size="small">
        against the assumed rate, batch by batch; plans for a pot start from its own history
      </Text>
      <BareList>
        {data.map((pot) => (
          <Pot key={pot.vesselId} pot={pot} zone={zone} />
        ))}
      </BareList>
    </Box>
  );
}

function Pot({ pot, zone }: { pot: PotRates; zone: string }) {
  const { points, typicalFactor, vesselName: name } = pot;
  const p = useTheme().vars.palette;
  const times = points.map((one) => new Date(one.endedAt).getTime());
  const x = scaleTime([Math.min(...times) - 1, Math.max(...times) + 1], [14, SIZE.width - 14]);
  const y = scaleLog([0.5, 2], [SIZE.height - 6, 6]).clamp(true);
  return (
    <RateRow>
      <Text bold long>
        {name}
      </Text>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        role="img"
        aria-label={`${name}: ${points.map((one) => `× ${show.fixed(one.evaporationFactor, 2)} on ${show.day(one.endedAt, zone)}`).join(', ')}`}
        width="100%"
        style={{ display: 'block' }}
      >
        <line x1={0} x2={SIZE.width} y1={y(1)} y2={y(1)} stroke={p.divider} />
        {points.map((one, i) => (
          <circle
            key={one.batchId}
            cx={x(times[i] ?? 0)}
            cy={y(one.evaporationFactor)}
            r={4.5}
            fill={p.background.paper}
            stroke={p.kitchen.tomato}
            strokeWidth={2}
          />
        ))}
      </svg>
      <Text end>
        <b>× {show.fixed(typicalFactor, 2)}</b>{' '}
        <Span tone="muted" size="small">
          of {points.length}
        </Span>
      </Text>
    </RateRow>
  );
}
