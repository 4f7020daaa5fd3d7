import { useState } from 'react';
import type { PlanView } from '../../api/client';
import { SizedBy } from './SizedBy';
import type { Available, PlanForm } from './form';

export const purchases = [
  { ingredientId: 'onion', name: 'Onion', neededMassKilograms: 0.4, packs: [] },
  { ingredientId: 'tomato', name: 'Tomato', neededMassKilograms: 4, packs: [] },
] as unknown as PlanView['purchases'];

export function Stocked({ onChange }: { onChange: (available: Available[]) => void }) {
  const [available, setAvailable] = useState<Available[]>([]);
  const change = (to: Partial<PlanForm>) => {
    setAvailable(to.available ?? []);
    onChange(to.available ?? []);
  };
  return (
    <SizedBy
      sizedBy="STOCK"
      available={available}
      change={change}
      purchases={purchases}
      from={{ boundName: 'Tomato', unused: [{ name: 'Onion', massKilograms: 0.25 }] }}
      portions={17.4}
      fault={undefined}
      units="METRIC"
    />
  );
}
