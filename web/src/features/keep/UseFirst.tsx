import { Box, Button, Typography } from '@mui/material';
import { Link } from 'react-router';
import type { KitchenView, LotView } from '../../api/client';
import { useLots } from '../../api/lots';
import { sizes } from '../../theme/tokens';
import { Tub } from '../../ui/Tub';
import { Ideas } from './Ideas';
import { due, holding } from './lotWords';

const PILL: Record<ReturnType<typeof due>['tone'], string> = {
  alarm: 'kitchen.tomatoSoft',
  wait: 'kitchen.brassSoft',
  good: 'kitchen.basilSoft',
  cold: 'kitchen.slateSoft',
};

/** All tubs in the order of use. */
export function UseFirst({ kitchen, now }: { kitchen: KitchenView; now: number }) {
  const { data: lots } = useLots();
  return (
    <Box component="section" aria-label="Use first" sx={{ minWidth: 0 }}>
      <Box
        sx={{
          display: 'flex',
          alignItems: 'baseline',
          justifyContent: 'space-between',
          borderBottom: 1,
          borderColor: 'divider',
        }}
      >
        <Typography variant="h2">Use first</Typography>
        <Button component={Link} to="/keep/trace" sx={{ fontSize: sizes.small }}>
          Trace and recall
        </Button>
      </Box>
      {lots?.length === 0 && (
        <Typography sx={{ mt: 1 }}>
          No tub yet. What is cold in time goes into tubs, with a label.
        </Typography>
      )}
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {lots?.map((lot) => (
          <Row key={lot.id} lot={lot} kitchen={kitchen} now={now} />
        ))}
      </Box>
      <Button variant="outlined" component={Link} to="/keep/put-away" sx={{ mt: 1.5 }}>
        Put something away
      </Button>
      <Ideas units={kitchen.settings.units} />
    </Box>
  );
}

function Row({ lot, kitchen, now }: { lot: LotView; kitchen: KitchenView; now: number }) {
  const { text, tone } = due(lot, now, kitchen.settings.zone);
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        gap: 1.25,
        alignItems: 'center',
        borderBottom: 1,
        borderColor: 'divider',
        py: 0.9,
      }}
    >
      <Tub
        frozen={lot.state === 'FROZEN'}
        due={tone === 'alarm'}
        fill={lot.massKilograms / Math.max(lot.massKilograms, lot.tubs * lot.eachKilograms)}
      />
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <Typography
          component={Link}
          to={`/keep/lots/${lot.id}`}
          sx={{
            fontWeight: 700,
            color: 'text.primary',
            overflowWrap: 'anywhere',
            textDecoration: 'none',
            '&:hover': { textDecoration: 'underline' },
          }}
        >
          {lot.name}
        </Typography>
        <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
          {holding(lot, kitchen.settings.units)} · {lot.code}
        </Typography>
      </Box>
      <Box
        component="span"
        sx={{
          bgcolor: PILL[tone],
          color: 'text.primary',
          borderRadius: 4,
          px: 1.1,
          py: 0.2,
          fontSize: sizes.small,
          fontWeight: 700,
          whiteSpace: 'nowrap',
        }}
      >
        {text}
      </Box>
    </Box>
  );
}
