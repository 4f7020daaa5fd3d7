import { Box, ButtonBase, Typography, useColorScheme } from '@mui/material';
import { useMemo } from 'react';
import { Link, NavLink, Outlet, useNavigate } from 'react-router';
import { show } from '../quantities';
import { faces, sizes } from '../theme/tokens';
import { useRinging } from '../ui/alarm';
import { UndoOffer } from '../ui/UndoOffer';
import { WorkingProvider } from '../ui/WorkingDrawer';
import { useKitchen } from '../api/kitchen';
import { KeyMap } from './keys';
import { Waiting } from './Waiting';

const PLACES = [
  { path: '/today', name: 'Today', key: '0' },
  { path: '/formulas', name: 'Formulas', key: '1' },
  { path: '/plan', name: 'Plan', key: '2' },
  { path: '/pots', name: 'Pots', key: '3' },
  { path: '/balance', name: 'Balance', key: '4' },
  { path: '/keep', name: 'Keep', key: '5' },
  { path: '/logbook', name: 'Logbook', key: '6' },
  { path: '/pantry', name: 'Pantry', key: '7' },
  { path: '/kitchen', name: 'Kitchen', key: '8' },
];

/** The rail of places beside the sheet; on a phone the places are at the thumb. */
export function Frame() {
  const navigate = useNavigate();
  const keys = useMemo(
    () =>
      PLACES.map((p) => ({
        key: p.key,
        does: `Go to ${p.name}`,
        act: () => void navigate(p.path),
      })),
    [navigate],
  );
  return (
    <KeyMap places={keys}>
      <WorkingProvider>
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', md: `${sizes.rail}px 1fr` },
            minHeight: '100dvh',
            '@media print': { display: 'block' },
          }}
        >
          <Ringing />
          <Rail />
          <Box
            component="main"
            sx={{
              display: 'flex',
              flexDirection: 'column',
              bgcolor: 'background.paper',
              borderLeft: { md: 1 },
              borderColor: { md: 'divider' },
              minWidth: 0,
            }}
          >
            <UndoOffer>
              <Waiting />
              <Outlet />
            </UndoOffer>
          </Box>
        </Box>
      </WorkingProvider>
    </KeyMap>
  );
}

/** Shows nothing: rings for whatever comes due. */
function Ringing() {
  useRinging();
  return null;
}

function Rail() {
  return (
    <Box
      component="header"
      sx={{
        position: { xs: 'fixed', md: 'sticky' },
        top: { md: 0 },
        bottom: { xs: 0, md: 'auto' },
        left: 0,
        right: { xs: 0, md: 'auto' },
        zIndex: 10,
        height: { xs: sizes.target + 4, md: '100dvh' },
        bgcolor: 'background.default',
        borderTop: { xs: 1, md: 0 },
        borderColor: { xs: 'divider' },
        display: 'flex',
        flexDirection: { xs: 'row', md: 'column' },
        pl: { md: 2.5 },
        py: { md: 2.5 },
        '@media print': { display: 'none' },
      }}
    >
      <Box
        component={Link}
        to="/today"
        sx={{
          display: { xs: 'none', md: 'flex' },
          gap: 1,
          alignItems: 'center',
          mb: 2.5,
          color: 'text.primary',
          textDecoration: 'none',
          fontFamily: faces.figures,
          fontWeight: 800,
          fontSize: '1.35rem',
          lineHeight: 1,
          letterSpacing: '-0.03em',
        }}
      >
        <img src="/urn.svg" alt="" width={24} height={24} />
        <span>
          Urn
          <br />
          Stew
        </span>
      </Box>
      <Box
        component="nav"
        aria-label="Places"
        sx={{
          display: 'flex',
          flexDirection: { xs: 'row', md: 'column' },
          width: '100%',
          overflowX: { xs: 'auto', md: 'visible' },
        }}
      >
        {PLACES.map((p) => (
          <Box
            key={p.path}
            component={NavLink}
            to={p.path}
            sx={{
              flex: { xs: '1 0 auto', md: 'none' },
              px: { xs: 1.1, md: 0 },
              display: 'flex',
              alignItems: 'center',
              justifyContent: { xs: 'center', md: 'flex-start' },
              minHeight: { xs: sizes.target, md: 38 },
              color: 'text.secondary',
              fontWeight: 500,
              fontSize: { xs: sizes.small, md: '1rem' },
              textDecoration: 'none',
              borderStyle: 'solid',
              borderColor: 'transparent',
              borderWidth: 0,
              borderRightWidth: { md: 3 },
              borderTopWidth: { xs: 3, md: 0 },
              '&.active': { color: 'text.primary', fontWeight: 700, borderColor: 'error.main' },
            }}
          >
            {p.name}
          </Box>
        ))}
      </Box>
      <Foot />
    </Box>
  );
}

function Foot() {
  const { data } = useKitchen();
  const { mode, setMode } = useColorScheme();
  const next = mode === 'light' ? 'dark' : mode === 'dark' ? 'system' : 'light';
  return (
    <Box sx={{ mt: 'auto', pr: 1.5, display: { xs: 'none', md: 'block' } }}>
      {data && (
        <Typography
          sx={{ fontSize: sizes.small, color: 'text.secondary', overflowWrap: 'anywhere' }}
        >
          {data.settings.name}
          <br />
          {Math.round(data.settings.altitudeMeters)} m<br />
          water boils at{' '}
          {show.text(show.temperature(data.boilingPointCelsius, data.settings.units))}
          {data.settings.demo && (
            <>
              <br />
              made-up demo
            </>
          )}
        </Typography>
      )}
      <ButtonBase
        onClick={() => setMode(next)}
        sx={{
          mt: 1,
          fontFamily: 'inherit',
          fontSize: sizes.small,
          color: 'text.secondary',
          textDecoration: 'underline',
          minHeight: 24,
        }}
      >
        {mode ?? 'system'} colours
      </ButtonBase>
      <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>? for keys</Typography>
    </Box>
  );
}
