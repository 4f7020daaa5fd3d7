import { styled } from '@mui/material/styles';
import { memo } from 'react';
import { Link } from 'react-router';
import type { School } from '../api/client';
import { sizes } from '../theme/tokens';
import { own } from './own';
import { TARGET } from '../theme/pointer';

/** What the line of the journey carries along, as far as it is known. */
export interface Job {
  formulaId?: string | undefined;
  schools?: School[] | undefined;
  batchId?: string | undefined;
  /** Off the heat. */
  isOver?: boolean | undefined;
  isTasted?: boolean | undefined;
  isKept?: boolean | undefined;
}
export type JourneyStep = 'Formula' | 'Size' | 'Pot' | 'Balance' | 'Keep' | 'Log';

interface Place {
  step: JourneyStep;
  to: string;
  state?: object;
  done: boolean;
}

/** Where each step of this batch is, and whether it is done. */
export function placesOf({ formulaId, schools = [], batchId, ...is }: Job): Place[] {
  return [
    {
      step: 'Formula',
      to: formulaId ? `/formulas/${formulaId}` : '/formulas',
      done: Boolean(formulaId),
    },
    {
      step: 'Size',
      to: '/plan',
      ...(formulaId ? { state: { formulaId, schools } } : {}),
      done: Boolean(batchId),
    },
    { step: 'Pot', to: batchId ? `/pots/${batchId}` : '/pots', done: Boolean(is.isOver) },
    {
      step: 'Balance',
      to: batchId && !is.isOver ? `/balance?pot=${batchId}` : '/balance',
      done: Boolean(is.isTasted),
    },
    {
      step: 'Keep',
      to: batchId && is.isOver && !is.isKept ? `/keep/cool?batch=${batchId}` : '/keep',
      done: Boolean(is.isKept),
    },
    {
      step: 'Log',
      to: batchId && is.isOver ? `/logbook/${batchId}` : '/logbook',
      done: Boolean(is.isOver),
    },
  ];
}

/** So much each step lies lower than the one before: the fall of a batch. */
const FALL = 3;

const Line = styled('nav')(({ theme }) => ({
  display: 'flex',
  alignItems: 'flex-start',
  columnGap: theme.spacing(1.5),
  paddingBottom: 5 * FALL,
  [theme.breakpoints.up('md')]: { columnGap: theme.spacing(2) },
}));

const Step = styled(
  Link,
  own('place'),
)<{ place: number }>(({ theme, place }) => ({
  display: 'inline-flex',
  alignItems: 'center',
  gap: theme.spacing(0.5),
  minHeight: sizes.press / 1.6,
  transform: `translateY(${place * FALL}px)`,
  fontSize: sizes.small,
  fontWeight: 600,
  color: theme.vars.palette.text.secondary,
  textDecoration: 'none',
  '&[aria-current]': {
    color: theme.vars.palette.text.primary,
    textDecoration: 'underline',
    textDecorationThickness: 3,
    textDecorationColor: theme.vars.palette.error.main,
    textUnderlineOffset: 5,
  },
  justifyContent: 'center',
  ...TARGET,
}));

interface Props {
  at: JourneyStep;
  job: Job;
}

/** The way of this batch, falling as it does; what is done carries the mark of a reading. */
export const Journey = memo(function Journey({ at, job }: Props) {
  return (
    <Line aria-label="Journey of a batch">
      {placesOf(job).map((p, i) => (
        <Step
          key={p.step}
          place={i}
          to={p.to}
          state={p.state}
          aria-current={p.step === at ? 'step' : undefined}
          aria-label={p.done ? `${p.step}, done` : p.step}
        >
          {p.done && <Done />}
          {p.step}
        </Step>
      ))}
    </Line>
  );
});

function Done() {
  return (
    <svg width="9" height="9" viewBox="-5 -5 10 10" aria-hidden="true">
      <path d="M0-4.5l4.5 4.5l-4.5 4.5l-4.5-4.5z" fill="currentColor" />
    </svg>
  );
}
