import { Box, Checkbox, FormControlLabel, Typography } from '@mui/material';
import { useMemo } from 'react';
import type { KitchenView } from '../../api/client';
import { QuantityField, parseHour, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { PotChoice } from './PotChoice';
import { chosen, type Faults, type PlanForm } from './form';

const LEVELS = [{ value: 'BARE', text: 'bare' }, { value: 'GENTLE', text: 'gentle' }, { value: 'LIVELY', text: 'lively' }, { value: 'ROLLING', text: 'rolling' }] as const;
const LIDS = [{ value: 'OFF', text: 'off' }, { value: 'AJAR', text: 'ajar' }, { value: 'ON', text: 'on' }] as const;
const BANDS = [{ value: '8 %', text: 'loose' }, { value: '10.5 %', text: 'coating' }, { value: '13.5 %', text: 'tight' }] as const;

interface Props { form: PlanForm; change: (to: Partial<PlanForm>) => void; faults: Faults; vesselFault: string | undefined; kitchen: KitchenView; fillMeters: number | undefined }

/** One writer for each field, the same for good: fields that do not change stay still while another is typed in. */
function useWriters(change: Props['change']) {
  return useMemo(() => ({
    covers: (covers: string) => change({ covers }),
    serving: (serving: string) => change({ serving }),
    readyBy: (readyBy: string) => change({ readyBy }),
    target: (target: string) => change({ target }),
    vesselId: (vesselId: string) => change({ vesselId }),
    heatSourceId: (heatSourceId: string) => change({ heatSourceId }),
    level: (level: PlanForm['level']) => change({ level }),
    lid: (lid: PlanForm['lid']) => change({ lid }),
    wholePacks: (_: unknown, wholePacks: boolean) => change({ wholePacks }),
  }), [change]);
}

/** Who eats, when, in which pot and how it simmers. */
export function NeedFields({ form, change, faults, vesselFault, kitchen, fillMeters }: Props) {
  const { units } = kitchen.settings;
  const { vessel, heatSource } = chosen(form, kitchen);
  const serving = parseQuantity(form.serving, 'MASS', 'g');
  const hour = parseHour(form.readyBy);
  const write = useWriters(change);
  const burners = useMemo(() => kitchen.heatSources.map((h) => ({ value: h.id, text: h.name })), [kitchen.heatSources]);
  return (
    <Box component="form" aria-label="What is needed" onSubmit={(e) => e.preventDefault()} sx={{ display: 'flex', flexDirection: 'column', gap: 1.15 }}>
      <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', columnGap: 2, rowGap: 1.25 }}>
      <QuantityField label="For whom" text={form.covers} onText={write.covers} understood="covers" fault={faults.covers} />
      <QuantityField label="Each gets" text={form.serving} onText={write.serving} fault={faults.serving} numeric={false}
        understood={serving.outcome === 'understood' ? `${show.text(show.mass(Math.max(0, serving.value), units === 'US' ? 'METRIC' : 'US'))} of sauce` : ''} />
      <QuantityField label="On the table at" text={form.readyBy} onText={write.readyBy} fault={faults.readyBy} numeric={false}
        understood={hour.outcome === 'understood' ? (hour.localDate ?? 'the next to come') : ''} />
      <QuantityField label="Thickness" text={form.target} onText={write.target} fault={faults.target} numeric={false} understood="non-fat solids" />
      </Box>
      <Choices label="or a band" options={BANDS} chosen={BANDS.find((b) => b.value === form.target)?.value ?? ('' as '8 %')} onChoose={write.target} />
      <PotChoice vessels={kitchen.vessels} chosen={vessel?.id ?? ''} onChoose={write.vesselId} fillMeters={fillMeters} fault={vesselFault} units={units} working={kitchen.workings.find((w) => w.figure === 'capacity')} />
      <Choices label="On which burner" options={burners} chosen={heatSource?.id ?? ''} onChoose={write.heatSourceId} />
      <Choices label="How it simmers" options={LEVELS} chosen={form.level} onChoose={write.level} />
      <Choices label="Lid" options={LIDS} chosen={form.lid} onChoose={write.lid} />
      <FormControlLabel control={<Checkbox checked={form.wholePacks} onChange={write.wholePacks} size="small" sx={{ py: 0 }} />} label={<Typography>round up to whole cans</Typography>} />
    </Box>
  );
}
