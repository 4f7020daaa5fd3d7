import { Box, Typography } from '@mui/material';
import { useCallback, useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { useBalance } from '../../api/balance';
import {
  newId,
  type BalanceView,
  type DoseView,
  type Fault,
  type KitchenView,
  type RemedyView,
  type Working,
} from '../../api/client';
import { usePantry } from '../../api/pantry';
import { show } from '../../quantities';
import { areas, columns } from '../../theme/tokens';
import { Beads } from '../../ui/Beads';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { ShowWorking } from '../../ui/ShowWorking';
import { Cups } from './Cups';
import { Decide } from './Decide';
import { Deepens } from './Deepens';
import { FinishWith } from './FinishWith';
import { Measured } from './Measured';
import { Remedies } from './Remedies';
import { SaltLedger } from './SaltLedger';
import { ticks } from './effects';
import { pointerOf, understand, useBalanceForm, type CupText, type Which } from './form';

const REST_MS = 10;

interface Props {
  pot: string;
  which: Which;
  words: string;
  kitchen: KitchenView;
  pick: ReactNode;
}

/** One pot: its beads, what helps, cups, salt, what deepens it, and the finish. */
export function Balanced({ pot, which, words, kitchen, pick }: Props) {
  const { form, change } = useBalanceForm(pot);
  const goods = usePantry().data;
  const { request, faults } = useMemo(
    () => understand(form, which, kitchen),
    [form, which, kitchen],
  );
  const { balance, problem } = useBalance(request, REST_MS);
  const later = useDeferredValue(balance);
  const [lookedAt, setLookedAt] = useState<string>();
  const faultAt = (field: string) => faults[field] ?? problem?.at(pointerOf(field));
  const { units } = kitchen.settings;
  const batchId = 'batchId' in which ? which.batchId : undefined;
  const onFault = useCallback((fault: Fault) => change({ fault }), [change]);
  const onSteps = useCallback((steps: number) => change({ steps }), [change]);
  const onCup = useCallback(
    ({ dose }: RemedyView) =>
      dose && change(({ cups }) => ({ cups: [...cups, ...cupsOf([dose])] })),
    [change],
  );
  const onCups = useCallback(
    (doses: DoseView[]) =>
      change(({ cups }) => ({ cups: [...cups.slice(0, 1), ...cupsOf(doses)], chosen: undefined })),
    [change],
  );
  if (!balance || !later || !goods)
    return (
      <Page title="Balance" sub={words} step="Balance" acts={pick}>
        {problem && <Note tone="tomato">{problem.summary}</Note>}
      </Page>
    );
  const named =
    Object.keys(faults).length > 0 ||
    (problem &&
      ['pH', 'brix', 'portion', 'finish', 'cup', ...form.plate.map((_, i) => `plate.${i}`)].some(
        (f) => problem.at(pointerOf(f)),
      ));
  return (
    <Page
      title={`${balance.title}, ${show.text(show.mass(balance.massKilograms, units))}${batchId ? ' on the stove' : ''}`}
      sub={comes(balance, units)}
      step="Balance"
      acts={pick}
    >
      {problem && !named && <Note tone="tomato">{problem.summary}</Note>}
      {balance.cautions.map((c) => (
        <Note key={c.code}>{c.text}</Note>
      ))}
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: columns.balance,
          gridTemplateAreas: areas.balance,
          gridTemplateRows: { lg: 'auto 1fr' },
          columnGap: 4,
          rowGap: 3,
        }}
      >
        <Box
          sx={{
            gridArea: 'beads',
            minWidth: 0,
            display: 'flex',
            flexDirection: 'column',
            gap: 2.5,
          }}
        >
          <Beads beads={balance.tastes} ticks={ticks(balance, lookedAt)} notes={notes(balance)} />
          <Cups form={form} balance={balance} units={units} faultAt={faultAt} change={change} />
          <Decide
            form={form}
            balance={balance}
            batchId={batchId}
            formulaId={formulaOf(which)}
            units={units}
            change={change}
          />
        </Box>
        <Box sx={{ gridArea: 'helps', minWidth: 0 }}>
          <Remedies
            balance={later}
            fault={form.fault}
            steps={form.steps}
            units={units}
            onFault={onFault}
            onSteps={onSteps}
            onCup={onCup}
            lookedAt={lookedAt}
            onLook={setLookedAt}
          />
        </Box>
        <Box
          sx={{ gridArea: 'rest', minWidth: 0, display: 'flex', flexDirection: 'column', gap: 3 }}
        >
          <Box
            sx={{ display: 'grid', gridTemplateColumns: columns.halves, columnGap: 4, rowGap: 3 }}
          >
            <SaltLedger
              form={form}
              balance={later}
              goods={goods}
              units={units}
              faultAt={faultAt}
              change={change}
            />
            <Box sx={{ display: 'flex', flexDirection: 'column', gap: 3, minWidth: 0 }}>
              <FinishWith
                form={form}
                balance={later}
                goods={goods}
                units={units}
                fault={faultAt('finish')}
                change={change}
              />
              <Measured
                form={form}
                batchId={batchId}
                brix={request.measured.brixFraction}
                faults={faults}
                faultAt={faultAt}
                change={change}
              />
            </Box>
          </Box>
          <Deepens balance={later} units={units} onCups={onCups} />
        </Box>
      </Box>
    </Page>
  );
}

/** A cup of each dose that names an ingredient. */
const cupsOf = (doses: DoseView[]): CupText[] =>
  doses.flatMap(({ ingredientId, name, massKilograms }) =>
    ingredientId === undefined
      ? []
      : [{ key: newId(), note: '', doses: [{ ingredientId, name, massKilograms }] }],
  );

/** What is still to happen, in one line. */
function comes(b: BalanceView, units: KitchenView['settings']['units']): string {
  const loses =
    b.toLoseKilograms > 0.005
      ? `It will lose ${show.text(show.mass(b.toLoseKilograms, units))} more`
      : 'It is as thick as it is wanted';
  const takes = b.ledger.toCome.map((s) => s.name.toLowerCase()).slice(0, 3);
  return `${loses}${takes.length > 0 ? `, then takes ${takes.join(', ')}` : ''}; ${Math.floor(b.portions + 1e-6)} portions`;
}

function notes(
  b: BalanceView,
): Partial<Record<'SALT' | 'ACID' | 'SWEET' | 'SAVOURY' | 'FAT', ReactNode>> {
  const how = (figure: string, title: string, words: ReactNode) => (
    <How working={b.workings.find((w) => w.figure === figure)} title={title}>
      {words}
    </How>
  );
  return {
    SALT: how('salt', 'Salt', 'of the sauce as it is eaten'),
    ACID: how(
      'acid',
      'Acid',
      `pH ${b.now.pH.toFixed(2)} → ${b.after.pH.toFixed(2)}${b.after.pHHolds ? '' : ', a guess'}; titratable ${(b.after.acidFraction * 100).toFixed(2)} %`,
    ),
    SWEET: how(
      'sharpness',
      'Sharpness',
      `sugars; ${b.after.sugarToAcid.toFixed(1)} to one of acid`,
    ),
    SAVOURY: how('savoury', 'Savoury', 'g glutamate alike in 100 g'),
    FAT: how('shares', 'Fat', 'of the sauce as it is eaten'),
  };
}

function How({
  working,
  title,
  children,
}: {
  working: Working | undefined;
  title: string;
  children: ReactNode;
}) {
  return (
    <Typography component="span" variant="inherit">
      {children} {working && <ShowWorking working={working} title={title} words="how" />}
    </Typography>
  );
}

/** The formula of a pot that is not on the stove. */
const formulaOf = (which: Which) =>
  'plan' in which ? which.plan.formulaId : 'formulaId' in which ? which.formulaId : undefined;
