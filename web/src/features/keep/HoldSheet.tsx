import { useState } from 'react';
import type { KitchenView, Lid } from '../../api/client';
import { firstFree, potWords, useTaken } from '../../api/occupancy';
import { QuantityField, parseQuantity } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Pick } from '../../ui/fields';
import { Sheet } from '../../ui/Sheet';
import { BareMetal } from './BareMetal';
import { MoreThanMade } from './MoreThanMade';
import { WhatFields, whatOf } from './WhatFields';
import { degreesTyped, useKept } from './useKept';
import { degrees } from './words';

const LIDS = [
  { value: 'ON', text: 'lid on' },
  { value: 'AJAR', text: 'ajar' },
  { value: 'OFF', text: 'off' },
] as const;

/** Something goes onto the holding place. */
export function HoldSheet({ kitchen, onClose }: { kitchen: KitchenView; onClose: () => void }) {
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useKept(undefined, onClose);
  const { units } = kitchen.settings;
  const [what, setWhat] = useState({ of: '', mass: '' });
  const taken = useTaken();
  const [picked, setPicked] = useState('');
  const vesselId = picked || (firstFree(kitchen.vessels, taken)?.id ?? '');
  const [more, setMore] = useState('');
  const [text, setText] = useState(units === 'US' ? '155 °F' : '68 °C');
  const [lid, setLid] = useState<Lid>('ON');
  const read = parseQuantity(text, 'TEMPERATURE', degreesTyped(text, units).own);
  const ready =
    whatOf(what, kitchen) !== undefined &&
    read.outcome === 'understood' &&
    vesselId !== '' &&
    hourUnderstood;
  const fault = text && read.outcome !== 'understood' ? read.message : refused?.at('/heldCelsius');
  const atVessel = refused?.at('/vesselId');
  const atMass = refused?.at('/what/massKilograms');
  const save = () => {
    const of = whatOf(what, kitchen);
    return of && read.outcome === 'understood'
      ? write('/holds', {
          what: of,
          vesselId,
          heldCelsius: read.value,
          lid,
          ...(more.trim() ? { moreBecause: more } : {}),
        })
      : undefined;
  };
  return (
    <Sheet
      title="Hold something hot"
      act="It is on hold"
      ready={ready}
      onAct={() => void save()}
      onClose={onClose}
    >
      <WhatFields form={what} onForm={edit(setWhat)} kitchen={kitchen} fault={atMass} />
      <MoreThanMade because={more} onBecause={edit(setMore)} refused={refused} />
      <Pick
        label="In what"
        value={vesselId}
        options={kitchen.vessels.map((v) => [v.id, potWords(v, taken)] as const)}
        onPick={edit(setPicked)}
        fault={atVessel}
      />
      <BareMetal vessel={kitchen.vessels.find((v) => v.id === vesselId)} />
      <QuantityField
        label="Held at"
        text={text}
        onText={edit(setText)}
        understood={read.outcome === 'understood' ? degrees(read.value, units) : ''}
        fault={fault}
        numeric={false}
      />
      <Choices label="Lid" options={LIDS} chosen={lid} onChoose={edit(setLid)} />
      {hour}
      {elsewhere(fault ?? atMass ?? atVessel)}
    </Sheet>
  );
}
