import { memo, useCallback, useMemo } from 'react';
import type { FormulaSummary, KitchenView, PlanPreview } from '../../api/client';
import type { Taken } from '../../api/occupancy';
import { Pick, TextLine } from '../../ui/fields';
import { Column } from '../../ui/layout';
import { PotAndHeat } from './PotAndHeat';
import { FromTubs } from './FromTubs';
import { GoesOn } from './GoesOn';
import { SizedBy } from './SizedBy';
import { StageTimes } from './StageTimes';
import { InOtherWords, Wanted } from './Wanted';
import { Ways } from './Ways';
import { WholeCans } from './WholeCans';
import { arriving, type Faults, type PlanForm } from './form';
import { FieldPair } from './plan.styles';

const NONE: PlanPreview['plan']['purchases'] = [];
const GOALS = [
  ['LEAST_COST', 'least cost'],
  ['LEAST_WASTE', 'least left over'],
] as const;

interface Props {
  taken: Taken;
  formulas: FormulaSummary[];
  formula: FormulaSummary;
  form: PlanForm;
  change: (to: Partial<PlanForm>) => void;
  faults: Faults;
  vesselFault: string | undefined;
  kitchen: KitchenView;
  preview: PlanPreview | undefined;
}

/** One writer for each field, the same for good: fields that do not change stay still while another is typed in. */
function useWriters(change: Props['change']) {
  return useMemo(
    () => ({
      covers: (covers: string) => change({ covers }),
      serving: (serving: string) => change({ serving }),
      readyBy: (readyBy: string) => change({ readyBy }),
      target: (target: string) => change({ target }),
      vesselId: (vesselId: string) => change({ vesselId }),
      heatSourceId: (heatSourceId: string) => change({ heatSourceId }),
      way: (way: PlanForm['way']) => change({ way }),
      lid: (lid: PlanForm['lid']) => change({ lid }),
      onTable: (onTable: string) => change({ onTable }),
      holdLoss: (holdLoss: string) => change({ holdLoss }),
      packGoal: (packGoal: PlanForm['packGoal']) => change({ packGoal }),
    }),
    [change],
  );
}

/** Parts of the sauce itself: parts of parts are made with them. */
const ownParts = ({ plan }: PlanPreview) =>
  plan.parts.filter((p) => plan.amounts.some((a) => a.ingredientId === `formula:${p.formulaId}`));

/** Who eats, when, in which pot and how it simmers. */
export const NeedFields = memo(function NeedFields(props: Props) {
  const { formulas, formula, form, change, faults, kitchen, preview } = props;
  const write = useWriters(change);
  const sauces = useMemo(() => formulas.map((f) => [f.id, f.name] as const), [formulas]);
  const another = useCallback(
    (id: string) => {
      const other = formulas.find((f) => f.id === id);
      if (other) change(arriving(other, [], kitchen.settings.units));
    },
    [formulas, change, kitchen.settings.units],
  );
  return (
    <Column aria-label="What is needed" onSubmit={(e) => e.preventDefault()} as="form" gap={0.9}>
      <Pick label="Which sauce" options={sauces} value={formula.id} onPick={another} />
      <Ways choices={formula.choices} schools={form.schools} change={change} />
      {form.goesOn ? (
        <GoesOn
          goesOn={form.goesOn}
          available={form.available}
          change={change}
          portions={preview?.plan.portions}
          fault={faults.available}
        />
      ) : (
        <SizedBy
          sizedBy={form.sizedBy}
          available={form.available}
          change={change}
          purchases={preview?.plan.purchases ?? NONE}
          from={preview?.fromStock}
          portions={preview?.plan.portions}
          fault={faults.available}
          units={kitchen.settings.units}
        />
      )}
      <Wanted {...props} write={write} />
      <PotAndHeat {...props} write={write} />
      {preview && <HereAlready {...props} preview={preview} />}
      <InOtherWords {...props} write={write} />
      {preview && form.sizedBy === 'COVERS' && (
        <WholeCans
          options={preview.sizes}
          chosen={form.rounding}
          change={change}
          units={kitchen.settings.units}
          currency={kitchen.settings.currency}
        />
      )}
      <FieldPair>
        <TextLine
          label="Extra on the table"
          text={form.onTable}
          onText={write.onTable}
          placeholder="0 %"
          fault={faults.onTable}
        />
        <TextLine
          label="Loss in holding"
          text={form.holdLoss}
          onText={write.holdLoss}
          placeholder="0 %"
          fault={faults.holdLoss}
        />
        <Pick label="Packs by" value={form.packGoal} options={GOALS} onPick={write.packGoal} />
      </FieldPair>
    </Column>
  );
});

/** What a part of the fields gets: all of the form, and how each field is written. */
export type NeedPart = Props & { write: ReturnType<typeof useWriters> };

/** What this kitchen has, and knows, already: parts in tubs, and how long stages take here. */
function HereAlready({ formula, form, change, faults, kitchen, preview }: HereProps) {
  return (
    <>
      <FromTubs
        parts={ownParts(preview)}
        chosen={form.fromTubs}
        change={change}
        units={kitchen.settings.units}
        fault={faults.fromTubs}
      />
      {!form.goesOn && (
        <StageTimes
          formulaId={formula.id}
          stages={preview.plan.stages}
          chosen={form.stageMinutes}
          change={change}
        />
      )}
    </>
  );
}
type HereProps = Props & { preview: PlanPreview };
