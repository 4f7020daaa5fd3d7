import { useQuery } from '@tanstack/react-query';
import { client, type KeepingWrites, type KitchenView } from '../../api/client';
import { useFormulas } from '../../api/formulas';
import { measuresOf } from '../../api/kitchen';
import { answered } from '../../api/problem';
import { parseQuantity, QuantityField, show } from '../../quantities';
import { Pick } from '../../ui/fields';
import { WhatAndMass } from './keep.styles';

type What = KeepingWrites['StartCooling']['what'];
const RECENT = 8;
const BATCH = 'batch:';

/** What is kept, as it is filled in: a batch or a formula, and how much. */
export interface WhatForm {
  of: string;
  mass: string;
  thickest?: string;
}

/** As the form says it, where it can be understood. */
export function whatOf(form: WhatForm, kitchen: KitchenView): What | undefined {
  const read = parseQuantity(form.mass, 'MASS', 'kg', measuresOf(kitchen));
  if (!form.of || read.outcome !== 'understood') return undefined;
  const from = form.of.startsWith(BATCH)
    ? { batchId: form.of.slice(BATCH.length) }
    : { formulaId: form.of };
  const thickest = parseQuantity(form.thickest ?? '', 'LENGTH', 'mm');
  return {
    ...from,
    massKilograms: read.value,
    massText: read.entered,
    ...(thickest.outcome === 'understood'
      ? { thickestPieceMeters: thickest.value, thickestPieceText: thickest.entered }
      : {}),
  };
}

interface Props {
  form: WhatForm;
  onForm: (form: WhatForm) => void;
  kitchen: KitchenView;
  fault: string | undefined;
}

/** Lately finished batches first, then every formula for what came from elsewhere. */
export function WhatFields({ form, onForm, kitchen, fault }: Props) {
  const { data: logbook } = useQuery({
    queryKey: ['batches', 'finished'],
    queryFn: () => answered(client.GET('/api/logbook')),
  });
  const finished = logbook?.entries ?? [];
  const { data: shelf = [] } = useFormulas();
  const { units, zone } = kitchen.settings;
  const read = parseQuantity(form.mass, 'MASS', 'kg', measuresOf(kitchen));
  const options = [
    ['', 'choose'] as const,
    ...finished
      .slice(0, RECENT)
      .map(
        (b) =>
          [
            `${BATCH}${b.id}`,
            `${b.name}, off at ${show.hour(b.endedAt, zone)} ${show.day(b.endedAt, zone)}`,
          ] as const,
      ),
    ...shelf.map((f) => [f.id, f.name] as const),
  ];
  const pick = (of: string) => {
    const mass = finished.find((b) => `${BATCH}${b.id}` === of)?.finalMassKilograms;
    onForm({
      ...form,
      of,
      mass: mass === undefined || form.mass ? form.mass : show.text(show.mass(mass, units)),
    });
  };
  return (
    <WhatAndMass>
      <Pick label="What" value={form.of} options={options} onPick={pick} />
      <QuantityField
        label="How much"
        text={form.mass}
        onText={(mass) => onForm({ ...form, mass })}
        understood={read.outcome === 'understood' ? show.text(show.mass(read.value, units)) : 'kg'}
        fault={form.mass && read.outcome !== 'understood' ? read.message : fault}
        numeric={false}
      />
    </WhatAndMass>
  );
}
