import { useState } from 'react';
import type { BatchView, KitchenView } from '../../api/client';
import { potWords, useTaken } from '../../api/occupancy';
import { Choices } from '../../ui/Choices';
import { HeatFields } from '../../ui/HeatFields';
import { LIDS, WAYS, heatingOf, type HeatForm } from '../../ui/heat';
import { Sheet } from '../../ui/Sheet';
import { useEntry } from './useEntry';

const BESIDE = [
  { value: 'no', text: 'not yet' },
  { value: 'yes', text: 'both stand there' },
] as const;
const OFF = { value: 'OFF' as const, text: 'off' };

/** How it is heated now, as it would be typed. */
function asTyped({ heating }: BatchView['pot']): HeatForm {
  return {
    way: heating.way,
    burner: heating.burnerShare === undefined ? '' : `${Math.round(heating.burnerShare * 100)} %`,
    oven: heating.ovenCelsius === undefined ? '' : `${heating.ovenCelsius} °C`,
    ovenId: '',
    fan: heating.fan,
  };
}

/** Knob, lid, oven, burner or pot were changed: what follows is computed anew. */
export function HeatSheet({
  batch,
  kitchen,
  onClose,
}: {
  batch: BatchView;
  kitchen: KitchenView;
  onClose: () => void;
}) {
  const { pot } = batch;
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useEntry(batch.id, onClose);
  const [form, setForm] = useState<HeatForm>(() => asTyped(pot));
  const [lid, setLid] = useState(pot.lid);
  const [vesselId, setVessel] = useState(pot.vessel.id);
  const [heatSourceId, setBurner] = useState(pot.heatSourceId);
  const [both, setBoth] = useState<'no' | 'yes'>('no');
  const taken = useTaken();
  const change = (to: Partial<HeatForm>) => edit(setForm)({ ...form, ...to });
  const { heating, fault: unclear } = heatingOf(form, kitchen);
  const typed = form.way === 'OVEN' ? form.oven : form.burner;
  const fault =
    (typed ? unclear : undefined) ??
    refused?.at('/heating/ovenCelsius') ??
    refused?.at('/heating/burnerShare');
  const ovenFault = refused?.at('/heating/ovenId');
  const potFault = refused?.at('/vesselId');
  const burnerFault = refused?.at('/heatSourceId');
  const asked =
    both === 'yes' ||
    refused?.problem.errors.some((e) => e.code === 'in-use' && e.pointer !== '/vesselId');
  return (
    <Sheet
      title="Heat, lid and pot"
      act="Save"
      ready={Boolean(heating) && hourUnderstood}
      onAct={() =>
        void (
          heating &&
          write('/heats', { heating, lid, vesselId, heatSourceId, sharesHeat: both === 'yes' })
        )
      }
      onClose={onClose}
    >
      <Choices
        label="How it simmers from now on"
        options={[...WAYS, OFF]}
        chosen={form.way}
        onChoose={(way) => change({ way })}
      />
      <HeatFields
        form={form}
        change={change}
        kitchen={kitchen}
        fault={fault}
        ovenFault={ovenFault}
      />
      <Choices label="Lid" options={LIDS} chosen={lid} onChoose={edit(setLid)} />
      <Choices
        label="Pot"
        options={kitchen.vessels.map((v) => ({
          value: v.id,
          text: v.id === pot.vessel.id ? v.name : potWords(v, taken),
        }))}
        chosen={vesselId}
        onChoose={edit(setVessel)}
        fault={potFault}
      />
      <Choices
        label="Burner"
        options={kitchen.heatSources.map((h) => ({ value: h.id, text: h.name }))}
        chosen={heatSourceId}
        onChoose={edit(setBurner)}
        fault={burnerFault}
        note={
          heatSourceId !== pot.heatSourceId && taken.has(heatSourceId)
            ? `${taken.get(heatSourceId)} stands on it.`
            : undefined
        }
      />
      {asked && (
        <Choices
          label="Beside what stands there"
          options={BESIDE}
          chosen={both}
          onChoose={edit(setBoth)}
        />
      )}
      {hour}
      {elsewhere(fault ?? ovenFault ?? potFault ?? burnerFault)}
    </Sheet>
  );
}
