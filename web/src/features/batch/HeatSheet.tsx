import { useState } from 'react';
import type { BatchView, KitchenView } from '../../api/client';
import { Choices } from '../../ui/Choices';
import { HeatFields } from '../../ui/HeatFields';
import { LIDS, WAYS, heatingOf, type HeatForm } from '../../ui/heat';
import { Sheet } from '../../ui/Sheet';
import { useEntry } from './useEntry';

const OFF = { value: 'OFF' as const, text: 'off' };

/** How it is heated now, as it would be typed. */
function asTyped({ heating }: BatchView['pot']): HeatForm {
  return { way: heating.way, burner: heating.burnerShare === undefined ? '' : `${Math.round(heating.burnerShare * 100)} %`, oven: heating.ovenCelsius === undefined ? '' : `${heating.ovenCelsius} °C`, ovenId: '', fan: heating.fan };
}

/** Knob, lid, oven, burner or pot were changed: what follows is computed anew. */
export function HeatSheet({ batch, kitchen, onClose }: { batch: BatchView; kitchen: KitchenView; onClose: () => void }) {
  const { pot } = batch;
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useEntry(batch.id, onClose);
  const [form, setForm] = useState<HeatForm>(() => asTyped(pot));
  const [lid, setLid] = useState(pot.lid);
  const [vesselId, setVessel] = useState(pot.vessel.id);
  const [heatSourceId, setBurner] = useState(pot.heatSourceId);
  const change = (to: Partial<HeatForm>) => edit(setForm)({ ...form, ...to });
  const { heating, fault: unclear } = heatingOf(form, kitchen);
  const typed = form.way === 'OVEN' ? form.oven : form.burner;
  const fault = (typed ? unclear : undefined) ?? refused?.at('/heating/ovenCelsius') ?? refused?.at('/heating/burnerShare');
  const ovenFault = refused?.at('/heating/ovenId');
  return (
    <Sheet title="Heat, lid and pot" act="Save" ready={Boolean(heating) && hourUnderstood} onAct={() => void (heating && write('/heats', { heating, lid, vesselId, heatSourceId }))} onClose={onClose}>
      <Choices label="How it simmers from now on" options={[...WAYS, OFF]} chosen={form.way} onChoose={(way) => change({ way })} />
      <HeatFields form={form} change={change} kitchen={kitchen} fault={fault} ovenFault={ovenFault} />
      <Choices label="Lid" options={LIDS} chosen={lid} onChoose={edit(setLid)} />
      <Choices label="Pot" options={kitchen.vessels.map((v) => ({ value: v.id, text: v.name }))} chosen={vesselId} onChoose={edit(setVessel)} />
      <Choices label="Burner" options={kitchen.heatSources.map((h) => ({ value: h.id, text: h.name }))} chosen={heatSourceId} onChoose={edit(setBurner)} />
      {hour}
      {elsewhere(fault ?? ovenFault)}
    </Sheet>
  );
}
