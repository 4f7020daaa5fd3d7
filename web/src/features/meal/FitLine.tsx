import type { PlacingView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Text } from '../../ui/text';

/** The pot and the burner that a dish gets, how full it gets, and trays; what does not go in, or has to wait, stands out. */
export function FitLine({
  placing: { fits, burnerName, waitsFor },
  units,
}: {
  placing: PlacingView;
  units: Units;
}) {
  if (fits.length === 0) return null;
  const vessels = [...new Set(fits.map((f) => f.vesselName))]
    .map(
      (name) =>
        fits
          .filter((f) => f.vesselName === name)
          .toSorted((a, b) => b.vessels - a.vessels || b.fullFraction - a.fullFraction)[0],
    )
    .filter((f) => f !== undefined);
  const over = fits.find((f) => f.standing === 'OVERFLOWS');
  const inPots = `in the ${vessels.map((f) => `${f.vessels > 1 ? `${f.vessels} × ` : ''}${f.vesselName}, ${Math.round(f.fullFraction * 100)} % full at ‘${f.title}’`).join('; ')}`;
  const loud = over !== undefined || waitsFor !== undefined;
  return (
    <Text tone={loud ? 'alarm' : 'muted'} size="note" strong={loud}>
      {over
        ? `${show.text(show.volume(over.volumeCubicMeters, units))} at ‘${over.title}’ do not go into the largest pot, the ${over.vesselName}: make it in several.`
        : `${inPots}${burnerName === undefined ? '' : `; on ${burnerName}`}${waitsFor === undefined ? '' : `; once ${waitsFor} is out of it: no other pot has room`}`}
    </Text>
  );
}
