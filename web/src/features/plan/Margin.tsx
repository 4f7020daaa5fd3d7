import type { FormulaSummary, KitchenView } from '../../api/client';
import { useNow } from '../../api/clock';
import { Cautions } from '../../ui/Cautions';
import { Column } from '../../ui/layout';
import { Amounts } from './Amounts';
import { ForShopping } from './ForShopping';
import { InTheWay } from './InTheWay';
import { InTubs } from './InTubs';
import { StageFits } from './StageFits';
import { ToBuy } from './ToBuy';
import { Work } from './Work';
import type { PlanForm } from './form';
import type { PlannedBatch } from './usePlanned';

const MINUTE_MS = 60_000;

interface Props {
  kitchen: KitchenView;
  formula: FormulaSummary;
  change: (to: Partial<PlanForm>) => void;
  batch: PlannedBatch;
}

/** The margin of the plan: cautions, the work by the clock, what goes in and what is bought. */
export function Margin({ kitchen, formula, change, batch }: Props) {
  const now = useNow(MINUTE_MS);
  const { units, zone, currency } = kitchen.settings;
  const { plan, planned, request, preview, later, isUsable } = batch;
  const feeds = Math.floor((plan?.portions ?? 0) + 1e-6);
  return (
    <Column gap={1.75} sx={{ gridArea: 'amounts' }}>
      {plan && planned && (
        <InTubs
          formulaId={formula.id}
          wantedKilograms={plan.endMassKilograms}
          covers={planned.covers}
          byCovers={planned.sizedBy === 'COVERS'}
          change={change}
          units={units}
        />
      )}
      {preview && isUsable && <InTheWay preview={preview} zone={zone} />}
      {plan && <Cautions of={plan.cautions.filter((c) => c.code !== 'never-thick')} />}
      {later && <Work preview={later} units={units} zone={zone} now={now} />}
      {later && <Amounts plan={later.plan} units={units} />}
      {later && <StageFits fits={later.stageFits} units={units} />}
      {plan && request && (
        <ForShopping
          request={{ ...request, covers: Math.max(1, feeds) }}
          name={`${formula.name} for ${feeds}`}
        />
      )}
      {later && (
        <ToBuy plan={later.plan} avoided={later.avoided} units={units} currency={currency} />
      )}
    </Column>
  );
}
