import type { KitchenView, Lid } from '../../api/client';
import { firstFree, potWords, useTaken } from '../../api/occupancy';
import { Choices } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { Pick } from '../../ui/fields';
import { BareMetal } from './BareMetal';
import { DegreesField } from './DegreesField';
import { MoreThanMade, moreBecause } from './MoreThanMade';
import { WhatFields, whatOf, type WhatForm } from './WhatFields';
import { typed } from '../../quantities';
import { useKept } from './useKept';

const LIDS = [
  { value: 'ON', text: 'lid on' },
  { value: 'AJAR', text: 'ajar' },
  { value: 'OFF', text: 'off' },
] as const;

interface Props {
  kitchen: KitchenView;
  /** What is held, where it comes from a pot. */
  of?: { batchId: string; mass: string } | undefined;
  onClose: () => void;
}
interface Hold {
  what: WhatForm;
  more: string;
  picked: string;
  text: string;
  lid: Lid;
}

/** The hold as it is typed, and what is wrong with its fields. */
function useHold({ kitchen, of, onClose }: Props) {
  const start: Hold = {
    what: of ? { of: `batch:${of.batchId}`, mass: of.mass } : { of: '', mass: '' },
    more: '',
    picked: '',
    text: kitchen.settings.units === 'US' ? '155 °F' : '68 °C',
    lid: 'ON',
  };
  const sheet = useKept<Hold>({
    sheet: of ? `hold-${of.batchId}` : 'hold',
    start,
    onWritten: onClose,
  });
  const { values, write, refused } = sheet;
  const taken = useTaken();
  const vesselId = values.picked || (firstFree(kitchen.vessels, taken)?.id ?? '');
  const read = typed(values.text, 'TEMPERATURE', 'c');
  const what = whatOf(values.what, kitchen);
  const faults = {
    degrees: read.fault ?? refused?.at('/heldCelsius', read.entered),
    vessel: refused?.at('/vesselId'),
    mass: refused?.at('/what/massKilograms'),
  };
  const body = what &&
    read.value !== undefined &&
    vesselId !== '' && {
      what,
      vesselId,
      heldCelsius: read.value,
      lid: values.lid,
      ...moreBecause(values.more),
    };
  return {
    sheet,
    taken,
    vesselId,
    faults,
    ready: Boolean(body),
    save: async () => body && write('/holds', body),
  };
}

/** Something goes onto the holding place. */
export function HoldSheet(props: Props) {
  const { kitchen, onClose } = props;
  const { sheet, taken, vesselId, faults, ready, save } = useHold(props);
  const { values, put, refused } = sheet;
  return (
    <Sheet
      of={sheet}
      title="Hold something hot"
      act="It is on hold"
      ready={ready}
      onAct={save}
      onClose={onClose}
      atField={faults.degrees ?? faults.mass ?? faults.vessel}
    >
      <WhatFields
        form={values.what}
        onForm={(to) => put('what', to)}
        kitchen={kitchen}
        fault={faults.mass}
      />
      <MoreThanMade because={values.more} onBecause={(to) => put('more', to)} refused={refused} />
      <Pick
        label="In what"
        value={vesselId}
        options={kitchen.vessels.map((v) => [v.id, potWords(v, taken)] as const)}
        onPick={(to) => put('picked', to)}
        fault={faults.vessel}
      />
      <BareMetal vessel={kitchen.vessels.find((v) => v.id === vesselId)} />
      <DegreesField
        label="Held at"
        text={values.text}
        onText={(to) => put('text', to)}
        units={kitchen.settings.units}
        fault={faults.degrees}
      />
      <Choices label="Lid" options={LIDS} chosen={values.lid} onChoose={(to) => put('lid', to)} />
    </Sheet>
  );
}
