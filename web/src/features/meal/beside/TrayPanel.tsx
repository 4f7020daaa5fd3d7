import type { KitchenView, TrayView } from '../../../api/client';
import { show } from '../../../quantities';
import { Text } from '../../../ui/text';
import { Lines, Steps } from './beside.styles';
import { short } from './hours';
import { Step } from './Step';
import { TrayPicture } from './TrayPicture';

interface Props {
  tray: TrayView;
  kitchen: KitchenView;
}
type Way = TrayView['ways'][number];

/** A tray: its layers, whether there is the water that it drinks, its hour and its rest. */
export function TrayPanel({ tray, kitchen }: Props) {
  const { units } = kitchen.settings;
  const mass = (kg: number) => show.text(show.mass(Math.abs(kg), units));
  const lacks = tray.verdict === 'SHORT';
  const sheets = tray.layers.filter((l) => l.count > 0).map((l) => l.count);
  return (
    <div>
      <TrayPicture tray={tray} units={units} />
      <Steps aria-label="Water of a tray">
        <Step
          what={tray.drinksKilograms < 0 ? 'Sheets give back' : 'Sheets drink'}
          figure={mass(tray.drinksKilograms)}
          note={`${mass(tray.drinksLeastKilograms)} to ${mass(tray.drinksMostKilograms)}`}
        />
        <Step what="The top loses" figure={mass(tray.losesKilograms)} />
        <Step what="Sauce and fillings can give" figure={mass(tray.givesKilograms)} />
        <Step
          what={lacks ? 'Water lacks' : 'Water over'}
          figure={tray.verdict === 'RIGHT' ? 'right' : mass(tray.surplusKilograms)}
          strong={tray.verdict !== 'RIGHT'}
        />
        <Step
          what="In the oven"
          figure={short(tray.bake.likelySeconds)}
          note={`${short(tray.bake.leastSeconds)} to ${short(tray.bake.mostSeconds)}; ${short(tray.coveredSeconds)} covered, ${short(tray.openSeconds)} open`}
        />
        <Step
          what="Rests hot for"
          figure={short(tray.hotForSeconds)}
          note="then it is on the clock: time alone, or cooled by the rule and warmed in slices"
        />
      </Steps>
      {(tray.ways.length > 0 || sheets.length > 0) && (
        <Lines>
          {sheets.length > 0 && (
            <Text component="li" size="note">
              Sheets from below: {sheets.join(', ')}. Sauce under the first, and kept for the top.
            </Text>
          )}
          {tray.ways.map((way) => (
            <Text component="li" size="note" key={way.kind} strong>
              {said(way, mass)}
            </Text>
          ))}
        </Lines>
      )}
    </div>
  );
}

/** A way out, as a cook would do it. */
function said({ kind, waterKilograms, seconds }: Way, mass: (kg: number) => string): string {
  switch (kind) {
    case 'LET_DOWN':
      return `Let the sauce of each tray down with ${mass(waterKilograms)} of water or stock.`;
    case 'COVER_LONGER':
      return `Or keep it covered ${Math.ceil(seconds / 60)} min longer, and open it so much less.`;
    case 'BOIL_DOWN':
      return `Or boil ${mass(waterKilograms)} off the sauce before.`;
    case 'DRAIN':
      return `Drain ${mass(waterKilograms)} of whey off the cheese.`;
    case 'OPEN_LONGER':
      return `Leave it open ${Math.ceil(seconds / 60)} min longer.`;
  }
}
