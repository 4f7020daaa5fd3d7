import { Box, Button } from '@mui/material';
import { memo } from 'react';
import type { BalanceView, Fault, RemedyView } from '../../api/client';
import { useFaults } from '../../api/balance';
import { show, type Units } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { Pick as PickField } from '../../ui/fields';
import { doseText, effects, timeWords } from './effects';
import { BareList } from '../../ui/layout';
import { Text, Span } from '../../ui/text';
import { LookButton, RemedyRow } from './balance.styles';

const STRENGTH = [
  { value: '1', text: 'a little' },
  { value: '2', text: 'clearly' },
  { value: '3', text: 'very' },
] as const;

interface Props {
  balance: BalanceView;
  fault: Fault;
  steps: number;
  units: Units;
  onFault: (fault: Fault) => void;
  onSteps: (steps: number) => void;
  onCup: (remedy: RemedyView) => void;
  lookedAt: string | undefined;
  onLook: (title: string | undefined) => void;
}

/** From what is wrong to what helps, in order: each with its dose and what it costs elsewhere. */
export const Remedies = memo(function Remedies({
  balance,
  fault,
  steps,
  units,
  onFault,
  onSteps,
  onCup,
  lookedAt,
  onLook,
}: Props) {
  const faults = useFaults().data ?? [];
  const dosed = balance.remedies.some((r) => r.dose);
  return (
    <Box component="section" aria-label="What helps" sx={{ minWidth: 0 }}>
      <Text variant="h2">What is wrong?</Text>
      <PickField
        label="Fault"
        hidden
        value={fault}
        options={faults.map((f) => [f.fault, f.words] as const)}
        onPick={onFault}
      />
      {dosed && (
        <Box sx={{ mt: 1 }}>
          <Choices
            label="How much"
            options={STRENGTH}
            chosen={String(steps) as '1'}
            onChoose={(s) => onSteps(Number(s))}
          />
        </Box>
      )}
      <Text tone="muted" size="note" sx={{ mt: 1 }}>
        {dosed
          ? 'What each would really do here: all to the same effect. Press one to see it on every string.'
          : 'In this order.'}
      </Text>
      <BareList as="ol">
        {balance.remedies.map((r) => (
          <Way
            key={r.title}
            remedy={r}
            balance={balance}
            units={units}
            onCup={onCup}
            looked={lookedAt === r.title}
            onLook={onLook}
          />
        ))}
      </BareList>
      <Box sx={{ mt: 1.5 }}>
        <Note>
          <b>Acidity is for taste here.</b> It does not make a sauce safe to keep warm or to keep at
          all.
        </Note>
      </Box>
    </Box>
  );
});

interface WayProps extends Pick<Props, 'balance' | 'units' | 'onCup' | 'onLook'> {
  remedy: RemedyView;
  looked: boolean;
}
function Way({ remedy: r, balance, units, onCup, looked, onLook }: WayProps) {
  return (
    <RemedyRow>
      {r.dose ? (
        <LookButton
          aria-pressed={looked}
          looked={looked}
          onClick={() => onLook(looked ? undefined : r.title)}
        >
          {r.title}
        </LookButton>
      ) : (
        <Text tone={r.act === 'STOP' ? 'alarm' : 'ink'} bold>
          {r.act && ACTS[r.act] ? `${ACTS[r.act]}: ${lower(r.title)}` : r.title}
        </Text>
      )}
      <Text component="span" size="step" figures end>
        {figure(r, units)}
      </Text>
      <Does remedy={r} balance={balance} />
      {r.dose?.ingredientId && r.dose.massKilograms > 0 && (
        <Button
          size="small"
          variant="outlined"
          sx={{ alignSelf: 'start', mt: 0.75 }}
          onClick={() => onCup(r)}
          aria-label={`Try ${r.title} in a cup`}
        >
          To a cup
        </Button>
      )}
    </RemedyRow>
  );
}

const ACTS: Partial<Record<NonNullable<RemedyView['act']>, string>> = {
  IN_VAIN: 'In vain',
  STOP: 'Stop',
};

/** What it does, here and elsewhere, line by line. */
function Does({ remedy: r, balance }: { remedy: RemedyView; balance: BalanceView }) {
  const { dose, skim } = r;
  const short = dose && !dose.reaches && dose.massKilograms > 0;
  const lines = [
    r.time && timeWords(balance, r),
    dose && effects(balance.after, dose, balance.solidsFraction),
    skim && `leaves ${show.text(show.percent(skim.fatFraction))} fat`,
    r.tells,
  ].filter(Boolean);
  return (
    <Text tone="muted" size="note" component="div">
      {short && <b>not enough by itself: </b>}
      {lines.map((line) => (
        <div key={line}>{line}</div>
      ))}
      {dose?.avoided && (
        <Span as="b" tone="alarm">
          this kitchen leaves it out
        </Span>
      )}
    </Text>
  );
}

const lower = (title: string): string => title.charAt(0).toLowerCase() + title.slice(1);

function figure(r: RemedyView, units: Units): string {
  if (r.dose) return r.dose.massKilograms === 0 ? '–' : doseText(r.dose.massKilograms, units);
  if (r.skim) return doseText(r.skim.fatKilograms, units);
  return r.time ? '–' : '';
}
