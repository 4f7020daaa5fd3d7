import { useMemo } from 'react';
import type { PlanPreview } from '../../api/client';
import { untilWords, type Taken } from '../../api/occupancy';
import { Choices } from '../../ui/Choices';
import { HeatFields } from '../../ui/HeatFields';
import { LIDS, WAYS } from '../../ui/heat';
import type { NeedPart } from './NeedFields';
import { Phases } from './Phases';
import { PotChoice } from './PotChoice';
import { chosen } from './form';

const NONE: PlanPreview['phases'] = [];

/** What stands on a burner that was chosen. */
function onIt(burner: { id: string } | undefined, taken: Taken, zone: string): string | undefined {
  const there = burner && taken.get(burner.id);
  return there && `${untilWords(there, zone)} stands on it: you will be asked.`;
}

/** In which pot, on which burner, and how it simmers there. */
export function PotAndHeat(props: NeedPart) {
  const { form, change, faults, vesselFault, kitchen, taken, preview, write } = props;
  const { units, zone } = kitchen.settings;
  const { vessel, heatSource } = chosen(form, kitchen, taken);
  const burners = useMemo(
    () => kitchen.heatSources.map((h) => ({ value: h.id, text: h.name })),
    [kitchen.heatSources],
  );
  return (
    <>
      <Choices
        label="On which burner"
        options={burners}
        chosen={heatSource?.id ?? ''}
        onChoose={write.heatSourceId}
        note={form.way === 'OVEN' ? undefined : onIt(heatSource, taken, zone)}
      />
      <Choices label="How it simmers" options={WAYS} chosen={form.way} onChoose={write.way} />
      <HeatFields
        form={form}
        change={change}
        kitchen={kitchen}
        fault={faults.heating}
        ovenFault={faults.oven}
      />
      <Choices label="Lid" options={LIDS} chosen={form.lid} onChoose={write.lid} />
      <Phases phases={preview?.phases ?? NONE} chosen={form.phases} change={change} units={units} />
      <PotChoice
        vessels={kitchen.vessels}
        taken={taken}
        chosen={vessel?.id ?? ''}
        onChoose={write.vesselId}
        fillMeters={preview?.plan.fit.startDepthMeters}
        fault={vesselFault}
        units={units}
        zone={zone}
        working={kitchen.workings.find((w) => w.figure === 'capacity')}
      />
    </>
  );
}
