import type { KitchenView } from '../api/client';
import { QuantityField } from '../quantities';
import { Choices } from './Choices';
import { ovenOf, type HeatForm } from './heat';

const AIR = [
  { value: 'still', text: 'still air' },
  { value: 'fan', text: 'fan' },
] as const;

interface Props {
  form: HeatForm;
  change: (to: Partial<HeatForm>) => void;
  kitchen: KitchenView;
  fault: string | undefined;
  ovenFault: string | undefined;
}

/** The number that a set burner or an oven needs, and which oven. */
export function HeatFields({ form, change, kitchen, fault, ovenFault }: Props) {
  if (form.way === 'BURNER')
    return (
      <QuantityField
        label="Burner set to"
        text={form.burner}
        onText={(burner) => change({ burner })}
        understood="of its highest"
        fault={fault}
        numeric={false}
      />
    );
  if (form.way !== 'OVEN') return null;
  const oven = ovenOf(kitchen.ovens, form.ovenId);
  return (
    <>
      <QuantityField
        label="Oven at"
        text={form.oven}
        onText={(to) => change({ oven: to })}
        understood="uncovered dries best"
        fault={fault}
        numeric={false}
      />
      {oven && (kitchen.ovens.length > 1 || ovenFault) && (
        <Choices
          label="Which oven"
          options={kitchen.ovens.map((o) => ({ value: o.id, text: o.name }))}
          chosen={oven.id}
          onChoose={(ovenId) => change({ ovenId })}
          fault={ovenFault}
        />
      )}
      {oven?.fan && (
        <Choices
          label="Its air"
          options={AIR}
          chosen={form.fan ? 'fan' : 'still'}
          onChoose={(air) => change({ fan: air === 'fan' })}
        />
      )}
    </>
  );
}
