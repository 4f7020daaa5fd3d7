import type { KitchenView, PiecesView } from '../../../api/client';
import { show } from '../../../quantities';
import { Text } from '../../../ui/text';
import { Lines, Steps } from './beside.styles';
import { CorePicture } from './CorePicture';
import { short } from './hours';
import { Step } from './Step';

interface Props {
  pieces: PiecesView;
  kitchen: KitchenView;
}
const FELT = 0.02;

/** Pieces in their heat: taste and code side by side, when to take them out, what they give. */
export function PiecesPanel({ pieces, kitchen }: Props) {
  const { units } = kitchen.settings;
  const { core, rule } = pieces;
  const degrees = (celsius: number) => show.text(show.temperature(celsius, units, 0));
  const isEarly = rule !== undefined && pieces.outSeconds < rule.enoughSeconds;
  return (
    <div>
      <CorePicture pieces={pieces} degrees={degrees} />
      <Steps aria-label="From the first heat on">
        <Step
          what={`By taste, ${degrees(pieces.coreCelsius)}: out after`}
          figure={short(pieces.outSeconds)}
          note={`${short(core.leastSeconds)} to ${short(core.mostSeconds)} in the heat; resting ${short(pieces.restsSeconds)} it gains ${show.fixed(pieces.gainsKelvins, 1)} K`}
        />
        {rule ? (
          <Step
            what={`By the code, ${degrees(rule.coreCelsius)}${rule.heldSeconds > 0 ? ` for ${short(rule.heldSeconds)}` : ''}: met after`}
            figure={short(rule.enoughSeconds)}
            note={`${rule.ruleSetName}, ${rule.section}; counted from the slow side`}
            strong={isEarly && pieces.coreCelsius < rule.coreCelsius}
          />
        ) : (
          <Step what="By the code" figure="never in this heat" strong />
        )}
        {pieces.suffersSeconds !== undefined && (
          <Step
            what={`Suffers from ${degrees(pieces.suffersCelsius)}`}
            figure={short(pieces.suffersSeconds)}
          />
        )}
      </Steps>
      <Lines>
        {isEarly && <Early pieces={pieces} rule={rule} degrees={degrees} />}
        {pieces.rubbery && pieces.tenderAfterSeconds !== undefined && (
          <Text component="li" size="note" tone="alarm" strong>
            At its core it is rubbery: it is tender again after {short(pieces.tenderAfterSeconds)}.
          </Text>
        )}
        {pieces.ready && (
          <Text component="li" size="note">
            Ready when: {pieces.ready}.
          </Text>
        )}
        <Text component="li" size="note">
          {pieces.count} of {show.text(show.mass(pieces.eachMassKilograms, units))} give{' '}
          {show.text(show.mass(pieces.juiceLeastKilograms, units))} to{' '}
          {show.text(show.mass(pieces.juiceMostKilograms, units))} of juice.
        </Text>
        {Math.abs(pieces.slowerFactor - 1) > FELT && (
          <Text component="li" size="note">
            By the probe it takes {show.fixed(pieces.slowerFactor, 2)} times as long as reckoned.
            The code’s wait is not shortened by that.
          </Text>
        )}
      </Lines>
    </div>
  );
}

interface EarlyProps extends Pick<Props, 'pieces'> {
  rule: NonNullable<PiecesView['rule']>;
  degrees: (celsius: number) => string;
}
/** By taste it is out before the code is met for certain: what to do then. */
function Early({ pieces, rule, degrees }: EarlyProps) {
  const until = short(rule.enoughSeconds);
  if (pieces.coreCelsius >= rule.coreCelsius)
    return (
      <Text component="li" size="note" tone="warn" strong>
        Before {until} the code is met only if a probe shows {degrees(rule.coreCelsius)} in the
        middle{rule.heldSeconds > 0 && `, ${short(rule.heldSeconds)} long`}: probe it.
      </Text>
    );
  return (
    <Text component="li" size="note" tone="alarm" strong>
      Taken out by taste, the code is not met: serve it as undercooked food may be served, or leave
      it in until {until}.
    </Text>
  );
}
