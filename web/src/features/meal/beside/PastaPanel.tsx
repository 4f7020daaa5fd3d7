import type { KitchenView, PastaView } from '../../../api/client';
import { parseQuantity, show } from '../../../quantities';
import { Text } from '../../../ui/text';
import { Lines, Steps } from './beside.styles';
import type { PastaText } from './besideText';
import { before, short } from './hours';
import { Step } from './Step';
import { WaterPicture } from './WaterPicture';

interface Props {
  pasta: PastaView;
  text: PastaText;
  kitchen: KitchenView;
  served: string | undefined;
  /** Cooked most of the way before the first plates, and dipped for each pick-up. */
  byPickUp: boolean;
}
const FIRST_TAP = 12;
const FELT_S = 30;

/** Pasta at the stove: what to do when, with how much, up to the plates. */
export function PastaPanel({ pasta, text, kitchen, served, byPickUp }: Props) {
  const { units } = kitchen.settings;
  const tap = parseQuantity(text.water, 'TEMPERATURE', 'c');
  const water = show.text(show.volume(pasta.waterMassKilograms / 1000, units));
  const mass = (kg: number) => show.text(show.mass(kg, units));
  if (byPickUp) return <ByPickUp pasta={pasta} water={water} mass={mass} />;
  return (
    <div>
      <WaterPicture
        pasta={pasta}
        tapCelsius={tap.outcome === 'understood' ? tap.value : FIRST_TAP}
        served={served}
      />
      <Steps aria-label="At the stove">
        <Step
          what={`Light ${pasta.burnerName}`}
          figure={before(pasta.litBeforeSeconds, served)}
          note={`${water} in the ${pasta.vesselName}, lid on; ${short(pasta.toTheBoil.leastSeconds)} to ${short(pasta.toTheBoil.mostSeconds)} to the boil`}
        />
        <Step
          what="Salt the water"
          figure={mass(pasta.saltMassKilograms)}
          note={`at the boil by ${before(pasta.dropBeforeSeconds, served)}`}
        />
        <Step
          what={pasta.drops > 1 ? `In, ${pasta.drops} times` : 'In'}
          figure={before(pasta.dropBeforeSeconds, served)}
          note={`falls by ${show.fixed(pasta.fallKelvins, 1)} K, back in ${short(pasta.backSeconds)}`}
        />
        <Step what="Taste from" figure={before(pasta.tasteBeforeSeconds, served)} />
        <Step
          what="Out"
          figure={before(pasta.outBeforeSeconds, served)}
          note={`after ${short(pasta.out.likelySeconds)}, ${short(pasta.out.leastSeconds)} to ${short(pasta.out.mostSeconds)}`}
        />
        {pasta.ladleMassKilograms !== undefined && (
          <Step what="Into the pan with" {...pan(pasta, mass)} />
        )}
      </Steps>
      <Said pasta={pasta} mass={mass} />
    </div>
  );
}

interface ByPickUpProps {
  pasta: PastaView;
  water: string;
  mass: (kg: number) => string;
}

/** Its batches before the window, and the dip; the bench of the meal says when. */
function ByPickUp({ pasta, water, mass }: ByPickUpProps) {
  const { parCooked } = pasta;
  return (
    <Steps aria-label="At the stove">
      <Step
        what={`Light ${pasta.burnerName}`}
        figure={`${short(pasta.toTheBoil.likelySeconds)} to the boil`}
        note={`${water} in the ${pasta.vesselName}, with ${mass(pasta.saltMassKilograms)} of salt; it stays at the boil until the last plates`}
      />
      <Step
        what={pasta.drops > 1 ? `In, ${pasta.drops} times` : 'In'}
        figure={`lift after ${short(parCooked.liftSeconds)}`}
        note={`before the first plates; the water is back in ${short(pasta.backSeconds)}`}
      />
      <Step
        what="Oil and spread it"
        figure={`${mass(parCooked.oilMassKilograms)} of oil`}
        note={`${mass(parCooked.keptMassKilograms)} in all, on the clock from when it is lifted`}
      />
      <Step
        what="For each pick-up"
        figure={`${parCooked.dipSeconds} s in the water`}
        note={`then into the pan; it still drinks ${mass(parCooked.stillDrinksKilograms)} in all. The water carries what the pasta carries.`}
      />
    </Steps>
  );
}

/** The ladle, or what the sauce has to lose first. */
function pan(pasta: PastaView, mass: (kg: number) => string) {
  const off = pasta.boilOffKilograms ?? 0;
  return off > 0.001
    ? { figure: 'no water', note: `the sauce first loses ${mass(off)}` }
    : {
        figure: `${mass(pasta.ladleMassKilograms ?? 0)} of ${pasta.plainLadle ? 'plain hot' : 'its'} water`,
        note: pasta.plainLadle
          ? 'its own is a paste after so many drops, or too salt'
          : `the pasta still drinks ${mass(pasta.stillDrinksKilograms)}`,
      };
}

function Said({ pasta, mass }: { pasta: PastaView; mass: (kg: number) => string }) {
  const { parCooked } = pasta;
  const later = pasta.toTheBoil.likelySeconds - pasta.reckonedToTheBoilSeconds;
  return (
    <Lines>
      {pasta.drops > 1 && (
        <Text component="li" size="note" tone="warn" strong>
          The pot does not hold the water for all of it: what is out first waits. Take a second pot,
          or cook the first {pasta.drops - 1} most of the way and dip them at pick-up.
        </Text>
      )}
      {Math.abs(later) > FELT_S && (
        <Text component="li" size="note" tone="warn" strong>
          By the probe it boils {short(Math.abs(later))} {later > 0 ? 'later' : 'earlier'} than
          reckoned, {short(pasta.toTheBoil.likelySeconds)} after it was lit.
        </Text>
      )}
      <Text component="li" size="note">
        It comes to {mass(pasta.cookedMassKilograms)} cooked, with {mass(pasta.saltTakenKilograms)}{' '}
        of salt in it. Where water boils at {Math.round(pasta.boilingCelsius)} °C it takes{' '}
        {show.fixed(pasta.slowerFactor, 2)} times as long as at the sea.
      </Text>
      <Text component="li" size="note">
        Its water then holds {Math.round(pasta.starchGramsPerLiter)} g of starch and{' '}
        {Math.round(pasta.saltGramsPerLiter)} g of salt a litre.
      </Text>
      <Text component="li" size="note">
        Pasta that waits for its sauce sticks after a minute or two; sauce that waits for pasta is
        topped up with a splash.
      </Text>
      <Text component="li" size="note" tone="muted">
        Ahead of the rush: lift it after {short(parCooked.liftSeconds)}, oil it with{' '}
        {mass(parCooked.oilMassKilograms)}, cool it by the rule; at pick-up {parCooked.dipSeconds} s
        in boiling water. The dip bath carries what the pasta carries.
      </Text>
    </Lines>
  );
}
