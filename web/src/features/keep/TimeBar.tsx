import { Box, Typography } from '@mui/material';
import { show } from '../../quantities';
import { sizes } from '../../theme/tokens';

/** Time that is allowed, as a bar from its beginning to its end, with now on it. */
export function TimeBar({
  from,
  until,
  now,
  zone,
  over,
}: {
  from: string;
  until: string;
  now: number;
  zone: string;
  over: boolean;
}) {
  const start = new Date(from).getTime();
  const end = new Date(until).getTime();
  const share = Math.min(1, Math.max(0, (now - start) / (end - start || 1)));
  const words = `from ${show.hour(from, zone)} to ${show.hour(until, zone)}`;
  return (
    <Box role="img" aria-label={`Time alone, ${words}, ${Math.round(share * 100)} % of it gone`}>
      <Box
        sx={{ height: sizes.timeBar, borderRadius: 1, bgcolor: 'kitchen.well', overflow: 'hidden' }}
      >
        <Box
          sx={{
            height: '100%',
            width: `${share * 100}%`,
            bgcolor: over ? 'error.main' : 'warning.main',
          }}
        />
      </Box>
      <Box sx={{ display: 'flex', justifyContent: 'space-between' }}>
        {[from, until].map((at) => (
          <Typography key={at} sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
            {show.hour(at, zone)}
          </Typography>
        ))}
      </Box>
    </Box>
  );
}
