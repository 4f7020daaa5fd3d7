import { Button } from '@mui/material';
import { newId, type StepView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { ActButton } from '../../ui/ActButton';
import { Row } from '../../ui/layout';
import { usePotWrites } from '../../ui/useWrites';
import { besideStep } from './batch.styles';
import type { ReadingKind } from './readings';

const DONE = {
  PHASE: 'Begun',
  OUT: 'They are out',
  BACK: 'They are in',
  TAKE_OUT: 'All out',
  BIND: 'It is bound',
} as const;

const ADVISED: Record<string, ReadingKind> = {
  'Plate test': 'PLATE',
  Dip: 'DIP',
  Weigh: 'WEIGHING',
};

interface OfferedProps {
  step: StepView;
  kilograms: number;
  units: Units;
  onAct: () => Promise<unknown>;
}
/** The pot holds more or less than planned: so much could go in instead. */
function Offered({ step, kilograms, units, onAct }: OfferedProps) {
  const much = show.text(show.mass(kilograms, units));
  return (
    <ActButton aria-label={`${much} of ${step.what.toLowerCase()} is in instead`} onAct={onAct}>
      {much} instead
    </ActButton>
  );
}

interface AsDueProps {
  step: StepView;
  zone: string;
  onAct: (happenedLocalTime: string) => Promise<unknown>;
}
/** Nobody said so at its minute: it may have been done then. */
function AsDue({ step, zone, onAct }: AsDueProps) {
  const hour = show.hour(step.at, zone);
  return (
    <ActButton
      aria-label={`${step.what}: done at ${hour}`}
      onAct={() => onAct(show.localTime(step.at, zone))}
    >
      At {hour}
    </ActButton>
  );
}

interface ButtonProps {
  step: StepView;
  batchId: string;
  units: Units;
  zone: string;
  onRead: (kind: ReadingKind) => void;
}
const then = (hour?: string) => (hour === undefined ? {} : { happenedLocalTime: hour });

/** What is pressed when a step is done, or to do it. */
export function StepButton({ step, batchId, units, zone, onRead }: ButtonProps) {
  const write = usePotWrites();
  const tick = (hour?: string) =>
    write('/steps', { id: newId(), step: step.key, ...then(hour) }, batchId);
  const isIn = (massKilograms: number, hour?: string) => {
    const poured = { line: step.line, massKilograms, enteredText: '' };
    return write('/pours', { id: newId(), ...poured, ...then(hour) }, batchId);
  };
  const inDoubt = step.doneFraction !== undefined;
  const of = { variant: 'outlined', sx: besideStep } as const;
  switch (step.kind) {
    case 'ADD':
      return (
        <Row sx={besideStep}>
          <ActButton
            variant="outlined"
            aria-label={`${step.what} is in`}
            onAct={() => isIn(step.kilograms)}
          >
            {inDoubt ? 'Just now' : 'It is in'}
          </ActButton>
          {inDoubt && (
            <AsDue step={step} zone={zone} onAct={(hour) => isIn(step.kilograms, hour)} />
          )}
          {step.offeredKilograms !== undefined && (
            <Offered
              step={step}
              kilograms={step.offeredKilograms}
              units={units}
              onAct={() => isIn(step.offeredKilograms ?? step.kilograms)}
            />
          )}
        </Row>
      );
    case 'READ':
      return (
        <Button
          {...of}
          aria-label={`${step.what} now`}
          onClick={() => onRead(ADVISED[step.what] ?? 'DIP')}
        >
          Now
        </Button>
      );
    case 'PHASE':
    case 'OUT':
    case 'BACK':
    case 'TAKE_OUT':
    case 'BIND':
      return (
        <Row sx={besideStep}>
          <ActButton variant="outlined" aria-label={`${step.what}: done`} onAct={() => tick()}>
            {inDoubt ? 'Just now' : DONE[step.kind]}
          </ActButton>
          {inDoubt && <AsDue step={step} zone={zone} onAct={tick} />}
        </Row>
      );
    case 'STIR':
    case 'TASTE':
      return (
        <ActButton {...of} aria-label={`${step.what}: done`} onAct={() => tick()}>
          {step.kind === 'STIR' ? 'Stirred' : 'Tasted'}
        </ActButton>
      );
    default:
      return null;
  }
}
