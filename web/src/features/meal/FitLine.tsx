import { Typography } from '@mui/material';
import type { StageFitView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';

/** The pot that a dish goes into, how full it gets, and trays; what does not go in stands out. */
export function FitLine({ fits, units }: { fits: StageFitView[]; units: Units }) {
  if (fits.length === 0) return null;
  const vessels = [...new Set(fits.map((f) => f.vesselName))].map((name) => fits.filter((f) => f.vesselName === name).toSorted((a, b) => b.vessels - a.vessels || b.fullFraction - a.fullFraction)[0]).filter((f) => f !== undefined);
  const over = fits.find((f) => f.standing === 'OVERFLOWS');
  return (
    <Typography sx={{ fontSize: sizes.note, color: over ? 'error.main' : 'text.secondary', fontWeight: over ? 600 : 500 }}>
      {over
        ? `${show.text(show.volume(over.volumeCubicMeters, units))} at ‘${over.title}’ do not go into the largest pot, the ${over.vesselName}: make it in several.`
        : `in the ${vessels.map((f) => `${f.vessels > 1 ? `${f.vessels} × ` : ''}${f.vesselName}, ${Math.round(f.fullFraction * 100)} % full at ‘${f.title}’`).join('; ')}`}
    </Typography>
  );
}
