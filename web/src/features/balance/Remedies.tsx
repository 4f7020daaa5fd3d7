import { Box, Button, ButtonBase, Typography } from '@mui/material';
import { memo } from 'react';
import type { BalanceView, Fault, RemedyView } from '../../api/client';
import { useFaults } from '../../api/balance';
import { show, type Units } from '../../quantities';
import { faces, sizes } from '../../theme/tokens';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { Pick } from '../../ui/fields';
import { doseText, effects, timeWords } from './effects';

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
      <Typography variant="h2">What is wrong?</Typography>
      <Pick
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
      <Typography sx={{ color: 'text.secondary', fontSize: sizes.note, mt: 1 }}>
        {dosed
          ? 'What each would really do here: all to the same effect. Press one to see it on every string.'
          : 'In this order.'}
      </Typography>
      <Box component="ol" sx={{ listStyle: 'none', p: 0, m: 0 }}>
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
      </Box>
      <Box sx={{ mt: 1.5 }}>
        <Note>
          <b>Acidity is for taste here.</b> It does not make a sauce safe to keep warm or to keep at
          all.
        </Note>
      </Box>
    </Box>
  );
});

function Way({
  remedy: r,
  balance,
  units,
  onCup,
  looked,
  onLook,
}: {
  remedy: RemedyView;
  balance: BalanceView;
  units: Units;
  onCup: Props['onCup'];
  looked: boolean;
  onLook: Props['onLook'];
}) {
  const stop = r.act === 'STOP';
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '1fr auto',
        columnGap: 1,
        py: 0.9,
        borderBottom: 1,
        borderColor: 'divider',
      }}
    >
      {r.dose ? (
        <ButtonBase
          aria-pressed={looked}
          onClick={() => onLook(looked ? undefined : r.title)}
          sx={{
            font: 'inherit',
            fontWeight: 700,
            justifyContent: 'flex-start',
            textAlign: 'left',
            textDecoration: looked ? 'underline' : 'underline dotted',
            textDecorationColor: 'inherit',
            textUnderlineOffset: 3,
            minHeight: 24,
          }}
        >
          {r.title}
        </ButtonBase>
      ) : (
        <Typography sx={{ fontWeight: 700, color: stop ? 'error.main' : 'text.primary' }}>
          {r.act === 'IN_VAIN'
            ? `In vain: ${lower(r.title)}`
            : stop
              ? `Stop: ${lower(r.title)}`
              : r.title}
        </Typography>
      )}
      <Typography
        component="span"
        sx={{
          fontFamily: faces.figures,
          fontWeight: 700,
          fontSize: sizes.step,
          lineHeight: 1.1,
          textAlign: 'right',
        }}
      >
        {figure(r, units)}
      </Typography>
      <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>
        {r.time && (
          <>
            {timeWords(balance, r)}
            <br />
          </>
        )}
        {r.dose && !r.dose.reaches && r.dose.massKilograms > 0 && <b>not enough by itself: </b>}
        {r.dose && (
          <>
            {effects(balance.after, r.dose, balance.solidsFraction)}
            <br />
          </>
        )}
        {r.skim && (
          <>
            leaves {show.text(show.percent(r.skim.fatFraction))} fat
            <br />
          </>
        )}
        {r.tells}
        {r.dose?.avoided && (
          <Box component="b" sx={{ color: 'error.main' }}>
            {' '}
            · this kitchen leaves it out
          </Box>
        )}
      </Typography>
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
    </Box>
  );
}

const lower = (title: string): string => title.charAt(0).toLowerCase() + title.slice(1);

function figure(r: RemedyView, units: Units): string {
  if (r.dose) return r.dose.massKilograms === 0 ? '–' : doseText(r.dose.massKilograms, units);
  if (r.skim) return doseText(r.skim.fatKilograms, units);
  return r.time ? '–' : '';
}
