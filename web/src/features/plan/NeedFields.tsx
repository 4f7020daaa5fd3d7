import { Box } from '@mui/material';
import { memo, useCallback, useMemo } from 'react';
import type { FormulaSummary, KitchenView, PlanPreview } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { untilWords, type Taken } from '../../api/occupancy';
import { QuantityField, parseHour, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Pick, TextLine } from '../../ui/fields';
import { HeatFields } from '../../ui/HeatFields';
import { LIDS, WAYS } from '../../ui/heat';
import { PotChoice } from './PotChoice';
import { Servings } from './Servings';
import { Ways } from './Ways';
import { SizedBy } from './SizedBy';
import { WholeCans } from './WholeCans';
import { arriving, chosen, targetOf, type Faults, type PlanForm } from './form';
import { useLastTime } from './useLastTime';

const THICK = {
  plate: 'a tablespoon spreads on a plate',
  time: 'of simmer, however thick',
  solids: 'non-fat solids',
};
const NONE: PlanPreview['plan']['purchases'] = [];
const GOALS = [
  ['LEAST_COST', 'least cost'],
  ['LEAST_WASTE', 'least left over'],
] as const;

/** The middle of each of the kitchen's bands. */
function bandsOf({ settings: s }: KitchenView) {
  const middle = (from: number, to: number) => `${Math.round((from + to) * 500) / 10} %`;
  return [
    { value: middle(s.brothyBelowFraction, s.looseBelowFraction), text: 'loose' },
    { value: middle(s.looseBelowFraction, s.coatingBelowFraction), text: 'coating' },
    { value: middle(s.coatingBelowFraction, s.tightBelowFraction), text: 'tight' },
  ];
}

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

/** What stands on a burner that was chosen. */
function onIt(burner: { id: string } | undefined, taken: Taken, zone: string): string | undefined {
  const there = burner && taken.get(burner.id);
  return there && `${untilWords(there, zone)} stands on it: you will be asked.`;
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

/** Who eats, when, in which pot and how it simmers. */
export const NeedFields = memo(function NeedFields({
  formulas,
  formula,
  form,
  change,
  faults,
  vesselFault,
  kitchen,
  taken,
  preview,
}: Props) {
  const { units } = kitchen.settings;
  const { vessel, heatSource } = chosen(form, kitchen, taken);
  const serving = parseQuantity(form.serving, 'MASS', 'g', measuresOf(kitchen));
  const hour = parseHour(form.readyBy);
  const write = useWriters(change);
  const lastTime = useLastTime(formula.id, kitchen.settings.zone);
  const bands = useMemo(() => [...bandsOf(kitchen), ...lastTime], [kitchen, lastTime]);
  const sauces = useMemo(() => formulas.map((f) => [f.id, f.name] as const), [formulas]);
  const another = useCallback(
    (id: string) => {
      const other = formulas.find((f) => f.id === id);
      if (other) change(arriving(other, []));
    },
    [formulas, change],
  );
  const burners = useMemo(
    () => kitchen.heatSources.map((h) => ({ value: h.id, text: h.name })),
    [kitchen.heatSources],
  );
  return (
    <Box
      component="form"
      aria-label="What is needed"
      onSubmit={(e) => e.preventDefault()}
      sx={{ display: 'flex', flexDirection: 'column', gap: 0.9 }}
    >
      <Pick label="Which sauce" options={sauces} value={formula.id} onPick={another} />
      <Ways choices={formula.choices} schools={form.schools} change={change} />
      <SizedBy
        sizedBy={form.sizedBy}
        available={form.available}
        change={change}
        purchases={preview?.plan.purchases ?? NONE}
        from={preview?.fromStock}
        portions={preview?.plan.portions}
        fault={faults.available}
        units={units}
      />
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2, rowGap: 0.75 }}>
        {form.sizedBy === 'COVERS' && (
          <QuantityField
            label="For whom"
            text={form.covers}
            onText={write.covers}
            understood="covers"
            fault={faults.covers}
          />
        )}
        <QuantityField
          label="Each gets"
          text={form.serving}
          onText={write.serving}
          fault={faults.serving}
          numeric={false}
          understood={
            serving.outcome === 'understood'
              ? `${show.text(show.mass(Math.max(0, serving.value), units === 'US' ? 'METRIC' : 'US'))} of sauce`
              : ''
          }
        />
        <QuantityField
          label="On the table at"
          text={form.readyBy}
          onText={write.readyBy}
          fault={faults.readyBy}
          numeric={false}
          understood={hour.outcome === 'understood' ? (hour.localDate ?? 'the next to come') : ''}
        />
        <QuantityField
          label="Thickness"
          text={form.target}
          onText={write.target}
          fault={faults.target}
          numeric={false}
          understood={THICK[targetOf(form.target).by]}
        />
      </Box>
      <Choices
        label={lastTime.length > 0 ? 'or a band, or as the plate was' : 'or a band'}
        options={bands}
        chosen={form.target}
        onChoose={write.target}
      />
      <Servings formula={formula} serving={form.serving} onServing={write.serving} />
      <PotChoice
        vessels={kitchen.vessels}
        taken={taken}
        chosen={vessel?.id ?? ''}
        onChoose={write.vesselId}
        fillMeters={preview?.plan.fit.startDepthMeters}
        fault={vesselFault}
        units={units}
        zone={kitchen.settings.zone}
        working={kitchen.workings.find((w) => w.figure === 'capacity')}
      />
      <Choices
        label="On which burner"
        options={burners}
        chosen={heatSource?.id ?? ''}
        onChoose={write.heatSourceId}
        note={form.way === 'OVEN' ? undefined : onIt(heatSource, taken, kitchen.settings.zone)}
      />
      <Choices label="How it simmers" options={WAYS} chosen={form.way} onChoose={write.way} />
      <HeatFields
        form={form}
        change={change}
        kitchen={kitchen}
        fault={faults.heating}
        ovenFault={faults.oven}
      />
      <Choices label="Lid" options={LIDS} chosen={form.lid} onChoose={write.lid} />
      {preview && form.sizedBy === 'COVERS' && (
        <WholeCans
          options={preview.sizes}
          chosen={form.rounding}
          change={change}
          units={units}
          currency={kitchen.settings.currency}
        />
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2, rowGap: 1 }}>
        <TextLine
          label="Extra on the table"
          text={form.onTable}
          onText={write.onTable}
          placeholder="0 %"
          fault={faults.onTable}
        />
        <TextLine
          label="Dries off while held"
          text={form.holdLoss}
          onText={write.holdLoss}
          placeholder="0 %"
          fault={faults.holdLoss}
        />
        <Pick label="Packs by" value={form.packGoal} options={GOALS} onPick={write.packGoal} />
      </Box>
    </Box>
  );
});
