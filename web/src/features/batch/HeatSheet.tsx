import { useState } from 'react';
import type { BatchView, HeatingChoice, KitchenView, Way } from '../../api/client';
import { QuantityField, parseQuantity } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { LIDS, WAYS } from '../../ui/heat';
import { Sheet } from './Sheet';
import { useEntry } from './useEntry';

const OFF = { value: 'OFF' as const, text: 'off' };

/** Knob, lid, oven, burner or pot were changed: what follows is computed anew. */
export function HeatSheet({ batch, kitchen, onClose }: { batch: BatchView; kitchen: KitchenView; onClose: () => void }) {
  const { pot } = batch;
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useEntry(batch.id, onClose);
  const [way, setWay] = useState<Way>(pot.heating.way);
  const [number, setNumber] = useState(pot.heating.way === 'OVEN' ? `${pot.heating.ovenCelsius} °C` : pot.heating.way === 'BURNER' ? `${Math.round((pot.heating.burnerShare ?? 0) * 100)} %` : '');
  const [lid, setLid] = useState(pot.lid);
  const [vesselId, setVessel] = useState(pot.vessel.id);
  const [heatSourceId, setBurner] = useState(pot.heatSourceId);
  const asks = way === 'OVEN' || way === 'BURNER';
  const read = way === 'OVEN' ? parseQuantity(number, 'TEMPERATURE', 'c') : parseQuantity(number, 'SHARE', '%');
  const fault = asks && number && read.outcome !== 'understood' ? read.message : refused?.at(way === 'OVEN' ? '/heating/ovenCelsius' : '/heating/burnerShare');
  const save = () => {
    const value = read.outcome === 'understood' ? read.value : undefined;
    const heating: HeatingChoice = { way, fan: false, ...(way === 'OVEN' && value !== undefined ? { ovenCelsius: value } : {}), ...(way === 'BURNER' && value !== undefined ? { burnerShare: value } : {}) };
    return write('/heats', { heating, lid, vesselId, heatSourceId });
  };
  return (
    <Sheet title="Heat, lid and pot" act="Save" ready={(!asks || read.outcome === 'understood') && hourUnderstood} onAct={() => void save()} onClose={onClose}>
      <Choices label="How it simmers from now on" options={[...WAYS, OFF]} chosen={way} onChoose={edit(setWay)} />
      {asks && <QuantityField label={way === 'OVEN' ? 'Oven at' : 'Burner set to'} text={number} onText={edit(setNumber)} understood={way === 'OVEN' ? '' : 'of its highest'} fault={fault} numeric={false} autoFocus />}
      <Choices label="Lid" options={LIDS} chosen={lid} onChoose={edit(setLid)} />
      <Choices label="Pot" options={kitchen.vessels.map((v) => ({ value: v.id, text: v.name }))} chosen={vesselId} onChoose={edit(setVessel)} />
      <Choices label="Burner" options={kitchen.heatSources.map((h) => ({ value: h.id, text: h.name }))} chosen={heatSourceId} onChoose={edit(setBurner)} />
      {hour}
      {elsewhere(fault)}
    </Sheet>
  );
}
