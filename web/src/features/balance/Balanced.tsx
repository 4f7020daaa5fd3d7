import { Box } from '@mui/material';
import { useDeferredValue, useState, type ReactNode } from 'react';
import type { BalanceView, IngredientView, KitchenView } from '../../api/client';
import { usePantry } from '../../api/pantry';
import { show, type Units } from '../../quantities';
import { Beads } from '../../ui/Beads';
import { Cautions } from '../../ui/Cautions';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Bones } from '../../ui/Pending';
import { Column } from '../../ui/layout';
import { Cups } from './Cups';
import { Decide } from './Decide';
import { Deepens } from './Deepens';
import { FinishWith } from './FinishWith';
import { Measured } from './Measured';
import { Remedies } from './Remedies';
import { SaltLedger } from './SaltLedger';
import { BalanceGrid, Pair } from './balance.styles';
import { ticks } from './effects';
import type { Which } from './form';
import { beadNotes } from './notes';
import { useBalancing, type Balancing } from './useBalancing';

interface Props {
  pot: string;
  which: Which;
  words: string;
  kitchen: KitchenView;
  pick: ReactNode;
}

/** One pot: its beads, what helps, cups, salt, what deepens it, and the finish. */
export function Balanced({ pot, which, words, kitchen, pick }: Props) {
  const balancing = useBalancing(pot, which, kitchen);
  const goods = usePantry().data;
  const { balance, problem, batchId, formulaId } = balancing;
  const { units } = kitchen.settings;
  const job = { batchId, formulaId };
  if (!balance || !goods)
    return (
      <Page title="Balance" sub={words} step="Balance" job={job} acts={pick}>
        {problem ? <Note tone="tomato">{problem.summary}</Note> : <Bones shape="columns" />}
      </Page>
    );
  return (
    <Page
      title={`${balance.title}, ${show.text(show.mass(balance.massKilograms, units))}${batchId ? ' on the stove' : ''}`}
      sub={comes(balance, units)}
      step="Balance"
      job={job}
      acts={pick}
    >
      {problem && !balancing.isMarked && <Note tone="tomato">{problem.summary}</Note>}
      <Cautions of={balance.cautions} />
      <Sheets balancing={balancing} balance={balance} goods={goods} units={units} />
    </Page>
  );
}

interface SheetsProps {
  balancing: Balancing;
  balance: BalanceView;
  goods: IngredientView[];
  units: Units;
}

/** Beads and cups first; what helps beside them; salt, finish and savour follow a moment later. */
function Sheets({ balancing, balance, goods, units }: SheetsProps) {
  const { form, change, batchId, formulaId, faultAt } = balancing;
  const later = useDeferredValue(balance);
  const [lookedAt, setLookedAt] = useState<string>();
  const of = { form, change, faultAt, units };
  return (
    <BalanceGrid>
      <Column gap={2.5} sx={{ gridArea: 'beads' }}>
        <Beads beads={balance.tastes} ticks={ticks(balance, lookedAt)} notes={beadNotes(balance)} />
        <Cups {...of} balance={balance} />
        <Decide {...of} balance={balance} batchId={batchId} formulaId={formulaId} />
      </Column>
      <Box sx={{ gridArea: 'helps', minWidth: 0 }}>
        <Remedies
          balance={later}
          fault={form.fault}
          steps={form.steps}
          units={units}
          onFault={balancing.onFault}
          onSteps={balancing.onSteps}
          onCup={balancing.onCup}
          lookedAt={lookedAt}
          onLook={setLookedAt}
        />
      </Box>
      <Column gap={3} sx={{ gridArea: 'rest' }}>
        <Pair>
          <SaltLedger {...of} balance={later} goods={goods} />
          <Column gap={3}>
            <FinishWith {...of} balance={later} goods={goods} fault={faultAt('finish')} />
            <Measured
              {...of}
              batchId={batchId}
              brix={balancing.brixFraction}
              faults={balancing.faults}
            />
          </Column>
        </Pair>
        <Deepens balance={later} units={units} onCups={balancing.onCups} />
      </Column>
    </BalanceGrid>
  );
}

/** What is still to happen, in one line. */
function comes(b: BalanceView, units: Units): string {
  const loses =
    b.toLoseKilograms > 0.005
      ? `It will lose ${show.text(show.mass(b.toLoseKilograms, units))} more`
      : 'It is as thick as it is wanted';
  const takes = b.ledger.toCome.map((s) => s.name.toLowerCase()).slice(0, 3);
  const then = takes.length > 0 ? `, then takes ${takes.join(', ')}` : '';
  return `${loses}${then}; ${Math.floor(b.portions + 1e-6)} portions`;
}
