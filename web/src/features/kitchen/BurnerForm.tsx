import { client, type HeatSourceEdit, type HeatSourceView } from '../../api/client';
import { answered } from '../../api/problem';
import { show, typed } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { SheetField } from '../../ui/SheetField';
import { PutOutOfUse } from './PutOutOfUse';
import { asSeen, retired, useEdit } from './useEdit';

const KINDS = [
  { value: 'GAS', text: 'gas' },
  { value: 'RADIANT', text: 'radiant' },
  { value: 'INDUCTION', text: 'induction' },
] as const;

interface Props {
  burner: HeatSourceView | undefined;
  onClose: () => void;
}
interface Burner {
  name: string;
  power: string;
  kind: HeatSourceEdit['kind'];
}

const startOf = (burner: HeatSourceView | undefined): Burner => ({
  name: burner?.name ?? '',
  power: burner ? burner.labelPowerText || `${burner.labelPowerWatts} W` : '',
  kind: burner?.kind ?? 'GAS',
});

/** A burner with the power on its label. */
export function BurnerForm({ burner, onClose }: Props) {
  const start = startOf(burner);
  const sheet = useEdit({ of: burner, kind: 'burner', start, onSaved: onClose });
  const { id, values, put, save, refused } = sheet;
  const { name, kind, power } = values;
  const read = typed(power, 'POWER', 'W');
  const write = async () => {
    if (read.value === undefined) return;
    const body = { id, name, kind, labelPowerWatts: read.value, labelPowerText: read.entered };
    await save(() =>
      answered(
        burner
          ? client.PUT('/api/heat-sources', { body, ...asSeen(burner) })
          : client.POST('/api/heat-sources', { body }),
      ),
    );
  };
  const retire =
    burner &&
    (() => save(() => answered(client.PUT('/api/heat-sources/{id}/retired', retired(burner)))));
  return (
    <Sheet
      of={sheet}
      title={burner ? `Change ${burner.name}` : 'Add a burner'}
      ready={name.trim() !== '' && read.value !== undefined}
      onAct={write}
      onClose={onClose}
      atField={read.fault ?? refused?.at('/labelPowerWatts') ?? refused?.at('/name')}
      more={retire && <PutOutOfUse onAct={retire} />}
    >
      <SheetField of={sheet} name="name" label="What the cooks call it" pointer="/name" autoFocus />
      <SheetField
        of={sheet}
        name="power"
        label="Power on the label"
        pointer="/labelPowerWatts"
        read={read}
        understood={read.value === undefined ? '' : `${show.fixed(read.value / 1000, 2)} kW`}
      />
      <Choices label="Kind" options={KINDS} chosen={kind} onChoose={(to) => put('kind', to)} />
    </Sheet>
  );
}
