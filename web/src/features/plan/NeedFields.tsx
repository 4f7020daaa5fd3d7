import { Box, Checkbox, FormControlLabel, Typography } from '@mui/material';
import type { KitchenView } from '../../api/client';
import { QuantityField, parseHour, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { PotChoice } from './PotChoice';
import { chosen, type Faults, type PlanForm } from './form';

const LEVELS = [{ value: 'BARE', text: 'bare' }, { value: 'GENTLE', text: 'gentle' }, { value: 'LIVELY', text: 'lively' }, { value: 'ROLLING', text: 'rolling' }] as const;
const LIDS = [{ value: 'OFF', text: 'off' }, { value: 'AJAR', text: 'ajar' }, { value: 'ON', text: 'on' }] as const;
const BANDS = [{ value: '8 %', text: 'loose' }, { value: '10.5 %', text: 'coating' }, { value: '13.5 %', text: 'tight' }] as const;

interface Props { form: PlanForm; change: (to: Partial<PlanForm>) => void; faults: Faults; vesselFault: string | undefined; kitchen: KitchenView; fillMeters: number | undefined }

/** Who eats, when, in which pot and how it simmers. */
export function NeedFields({ form, change, faults, vesselFault, kitchen, fillMeters }: Props) {
  const { units } = kitchen.settings;
  const { vessel, heatSource } = chosen(form, kitchen);
  const serving = parseQuantity(form.serving, 'MASS', 'g');
  const hour = parseHour(form.readyBy);
  return (
    <Box component="form" aria-label="What is needed" onSubmit={(e) => e.preventDefault()} sx={{ display: 'flex', flexDirection: 'column', gap: 1.15 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2, rowGap: 1.25 }}>
      <QuantityField label="For whom" text={form.covers} onText={(covers) => change({ covers })} understood="covers" fault={faults.covers} />
      <QuantityField label="Each gets" text={form.serving} onText={(text) => change({ serving: text })} fault={faults.serving} numeric={false}
        understood={serving.outcome === 'understood' ? `${show.text(show.mass(Math.max(0, serving.value), units === 'US' ? 'METRIC' : 'US'))} of sauce` : ''} />
      <QuantityField label="On the table at" text={form.readyBy} onText={(readyBy) => change({ readyBy })} fault={faults.readyBy} numeric={false}
        understood={hour.outcome === 'understood' ? (hour.localDate ?? 'the next to come') : ''} />
      <QuantityField label="Thickness" text={form.target} onText={(target) => change({ target })} fault={faults.target} numeric={false} understood="non-fat solids" />
      </Box>
      <Choices label="or a band" options={BANDS} chosen={BANDS.find((b) => b.value === form.target)?.value ?? ('' as '8 %')} onChoose={(target) => change({ target })} />
      <PotChoice vessels={kitchen.vessels} chosen={vessel?.id ?? ''} onChoose={(vesselId) => change({ vesselId })} fillMeters={fillMeters} fault={vesselFault} units={units} working={kitchen.workings.find((w) => w.figure === 'capacity')} />
      <Choices label="On which burner" options={kitchen.heatSources.map((h) => ({ value: h.id, text: h.name }))} chosen={heatSource?.id ?? ''} onChoose={(heatSourceId) => change({ heatSourceId })} />
      <Choices label="How it simmers" options={LEVELS} chosen={form.level} onChoose={(level) => change({ level })} />
      <Choices label="Lid" options={LIDS} chosen={form.lid} onChoose={(lid) => change({ lid })} />
      <FormControlLabel control={<Checkbox checked={form.wholePacks} onChange={(e) => change({ wholePacks: e.target.checked })} size="small" sx={{ py: 0 }} />} label={<Typography>round up to whole cans</Typography>} />
    </Box>
  );
}
