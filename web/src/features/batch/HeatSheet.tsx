import type { BatchView, HeatingChoice, KitchenView } from '../../api/client';
import { useNow } from '../../api/clock';
import { potWords, useTaken } from '../../api/occupancy';
import type { Units } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { HeatFields } from '../../ui/HeatFields';
import { LIDS, WAYS, degreesText, heatingOf, type HeatForm } from '../../ui/heat';
import { Sheet } from '../../ui/Sheet';
import { heatNow } from './steps';
import { useEntry } from './useEntry';

const BESIDE = [
  { value: 'no', text: 'not yet' },
  { value: 'yes', text: 'both stand there' },
] as const;
const OFF = { value: 'OFF' as const, text: 'off' };

interface Props {
  batch: BatchView;
  kitchen: KitchenView;
  onClose: () => void;
}

/** How it is heated now, as it would be typed. */
function asTyped(heating: HeatingChoice, units: Units): HeatForm {
  return {
    way: heating.way,
    burner: heating.burnerShare === undefined ? '' : `${Math.round(heating.burnerShare * 100)} %`,
    oven: heating.ovenCelsius === undefined ? '' : degreesText(heating.ovenCelsius, units),
    ovenId: '',
    fan: heating.fan,
  };
}

function startOf(batch: BatchView, units: Units, now: number) {
  const { heating, lid } = heatNow(batch, now);
  const { pot } = batch;
  return {
    heat: asTyped(heating, units),
    lid,
    vesselId: pot.vessel.id,
    heatSourceId: pot.heatSourceId,
    both: 'no' as (typeof BESIDE)[number]['value'],
  };
}
type Heat = ReturnType<typeof startOf>;

/** The sheet's entry, and what is wrong with each of its fields. */
function useHeat({ batch, kitchen, onClose }: Props) {
  const now = useNow();
  const of = { batchId: batch.id, sheet: 'heat', onWritten: onClose };
  const sheet = useEntry<Heat>({ ...of, start: startOf(batch, kitchen.settings.units, now) });
  const { values, write, refused } = sheet;
  const { heating, fault: unclear } = heatingOf(values.heat, kitchen);
  const typed = values.heat.way === 'OVEN' ? values.heat.oven : values.heat.burner;
  const faults = {
    heat:
      (typed ? unclear : undefined) ??
      refused?.at('/heating/ovenCelsius') ??
      refused?.at('/heating/burnerShare'),
    oven: refused?.at('/heating/ovenId'),
    pot: refused?.at('/vesselId'),
    burner: refused?.at('/heatSourceId'),
  };
  const besides =
    values.both === 'yes' ||
    refused?.problem.errors.some((e) => e.code === 'in-use' && e.pointer !== '/vesselId');
  const save = heating
    ? () => {
        const { lid, vesselId, heatSourceId, both } = values;
        return write('/heats', {
          heating,
          lid,
          vesselId,
          heatSourceId,
          sharesHeat: both === 'yes',
        });
      }
    : undefined;
  return { sheet, faults, besides, save };
}

/** Knob, lid, oven, burner or pot were changed: what follows is computed anew. */
export function HeatSheet(props: Props) {
  const { batch, kitchen, onClose } = props;
  const { sheet, faults, besides, save } = useHeat(props);
  const { values, put } = sheet;
  const taken = useTaken();
  const change = (to: Partial<HeatForm>) => put('heat', { ...values.heat, ...to });
  const elsewhere = values.heatSourceId !== batch.pot.heatSourceId;
  const there = elsewhere ? taken.get(values.heatSourceId) : undefined;
  return (
    <Sheet
      of={sheet}
      title="Heat, lid and pot"
      ready={save !== undefined}
      onAct={async () => save?.()}
      onClose={onClose}
      atField={faults.heat ?? faults.oven ?? faults.pot ?? faults.burner}
    >
      <Choices
        label="How it simmers from now on"
        options={[...WAYS, OFF]}
        chosen={values.heat.way}
        onChoose={(way) => change({ way })}
      />
      <HeatFields
        form={values.heat}
        change={change}
        kitchen={kitchen}
        fault={faults.heat}
        ovenFault={faults.oven}
      />
      <Choices label="Lid" options={LIDS} chosen={values.lid} onChoose={(lid) => put('lid', lid)} />
      <Choices
        label="Pot"
        options={kitchen.vessels.map((v) => ({
          value: v.id,
          text: v.id === batch.pot.vessel.id ? v.name : potWords(v, taken),
        }))}
        chosen={values.vesselId}
        onChoose={(id) => put('vesselId', id)}
        fault={faults.pot}
      />
      <Choices
        label="Burner"
        options={kitchen.heatSources.map((h) => ({ value: h.id, text: h.name }))}
        chosen={values.heatSourceId}
        onChoose={(id) => put('heatSourceId', id)}
        fault={faults.burner}
        note={there && `${there.name} stands on it.`}
      />
      {besides && (
        <Choices
          label="Beside what stands there"
          options={BESIDE}
          chosen={values.both}
          onChoose={(to) => put('both', to)}
        />
      )}
    </Sheet>
  );
}
