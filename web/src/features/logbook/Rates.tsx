import { Box, Typography } from '@mui/material';
import { useTheme } from '@mui/material/styles';
import { scaleLog, scaleTime } from 'd3-scale';
import type { PotRates } from '../../api/client';
import { useRates } from '../../api/logbook';
import { show } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';

const SIZE = { width: 420, height: 58 };

/** How fast each pot really boils off, batch after batch. */
export function Rates({ zone }: { zone: string }) {
  const { data = [] } = useRates();
  if (data.length === 0) return null;
  return (
    <Box component="section" aria-label="How fast each pot boils off">
      <Typography variant="h2">How fast each pot boils off</Typography>
      <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
        against the assumed rate, batch by batch; plans for a pot start from its own history
      </Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {data.map((pot) => (
          <Pot key={pot.vesselId} pot={pot} zone={zone} />
        ))}
      </Box>
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
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: columns.rate,
        columnGap: 2,
        alignItems: 'center',
        borderBottom: 1,
        borderColor: 'divider',
        py: 0.5,
      }}
    >
      <Typography sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>{name}</Typography>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        role="img"
        aria-label={`${name}: ${points.map((one) => `× ${one.evaporationFactor.toFixed(2)} on ${show.day(one.endedAt, zone)}`).join(', ')}`}
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
      <Typography sx={{ textAlign: 'right' }}>
        <b>× {typicalFactor.toFixed(2)}</b>{' '}
        <Box component="span" sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
          of {points.length}
        </Box>
      </Typography>
    </Box>
  );
}
