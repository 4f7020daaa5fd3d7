import { client, type VesselEdit, type VesselView } from '../../api/client';
import { answered } from '../../api/problem';
import { show, typed, withUnit, type Units } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { SheetField } from '../../ui/SheetField';
import { PutOutOfUse } from './PutOutOfUse';
import { degreesText } from '../../ui/heat';
import { sizeText } from './sizes';
import { asSeen, retired, useEdit } from './useEdit';

const POINTERS = {
  name: '/name',
  base: '/firstWidthMeters',
  top: '/secondWidthMeters',
  depth: '/depthMeters',
  empty: '/emptyMassKilograms',
  oven: '/ovenLimitCelsius',
} as const;
const SHAPES = [
  { value: 'ROUND', text: 'round' },
  { value: 'RECTANGULAR', text: 'rectangular' },
] as const;
const METALS: readonly { value: VesselEdit['metal']; text: string }[] = [
  { value: 'STAINLESS_STEEL', text: 'steel' },
  { value: 'ENAMELLED_IRON', text: 'enamel' },
  { value: 'LINED_COPPER', text: 'lined copper' },
  { value: 'COATED_ALUMINIUM', text: 'coated aluminium' },
  { value: 'GLASS_OR_CLAY', text: 'glass or clay' },
  { value: 'BARE_ALUMINIUM', text: 'bare aluminium' },
  { value: 'BARE_COPPER', text: 'bare copper' },
  { value: 'BARE_IRON', text: 'bare iron' },
];
const LID = [
  { value: 'yes', text: 'has a lid' },
  { value: 'no', text: 'has none' },
] as const;

interface Props {
  vessel: VesselView | undefined;
  units: Units;
  onClose: () => void;
}
type Field = keyof typeof POINTERS;
type Pot = Record<Field, string> & Pick<VesselEdit, 'shape' | 'metal'> & { lid: 'yes' | 'no' };

const straight = (v: VesselView) =>
  v.shape === 'ROUND' && v.firstWidthMeters === v.secondWidthMeters;
const BLANK: Pot = {
  name: '',
  base: '',
  top: '',
  depth: '',
  empty: '',
  oven: '',
  shape: 'ROUND',
  metal: 'STAINLESS_STEEL',
  lid: 'yes',
};
const written = (v: VesselView, units: Units): Pot => ({
  name: v.name,
  base: sizeText(v.firstWidthText, v.firstWidthMeters, units),
  top:
    withUnit(v.secondWidthText, 'cm') ||
    (straight(v) ? '' : sizeText('', v.secondWidthMeters, units)),
  depth: sizeText(v.depthText, v.depthMeters, units),
  empty:
    withUnit(v.emptyMassText, 'kg') ||
    (v.emptyMassKilograms > 0 ? `${v.emptyMassKilograms} kg` : ''),
  oven: v.ovenLimitCelsius ? degreesText(v.ovenLimitCelsius, units) : '',
  shape: v.shape,
  metal: v.metal,
  lid: v.lid ? 'yes' : 'no',
});

const NOTHING = { value: 0, fault: undefined, entered: '' };

/** What is typed of a pot, understood; what may be left out is so only where nothing is typed. */
function understand(pot: Pot) {
  const base = typed(pot.base, 'LENGTH', 'cm');
  return {
    base,
    top: pot.top === '' ? base : typed(pot.top, 'LENGTH', 'cm'),
    depth: typed(pot.depth, 'LENGTH', 'cm'),
    empty: pot.empty === '' ? NOTHING : typed(pot.empty, 'MASS', 'kg'),
    oven: typed(pot.oven, 'TEMPERATURE', 'c'),
  };
}

function bodyOf(id: string, pot: Pot, read: ReturnType<typeof understand>): VesselEdit | undefined {
  const { base, top, depth, empty, oven } = read;
  if (base.value === undefined || top.value === undefined || depth.value === undefined)
    return undefined;
  if (empty.value === undefined || oven.fault || pot.name.trim() === '') return undefined;
  return {
    id,
    name: pot.name,
    shape: pot.shape,
    firstWidthMeters: base.value,
    firstWidthText: base.entered,
    secondWidthMeters: top.value,
    secondWidthText: pot.top && top.entered,
    depthMeters: depth.value,
    depthText: depth.entered,
    emptyMassKilograms: empty.value,
    emptyMassText: empty.entered,
    metal: pot.metal,
    lid: pot.lid === 'yes',
    ...(oven.value === undefined ? {} : { ovenLimitCelsius: oven.value }),
  };
}

/** A pot as it is typed, and how it is written. */
function useVessel({ vessel, units, onClose }: Props) {
  const start = vessel ? written(vessel, units) : BLANK;
  const sheet = useEdit({ of: vessel, kind: 'pot', start, onSaved: onClose });
  const { id, values, save } = sheet;
  const read = understand(values);
  const body = bodyOf(id, values, read);
  const write = async () => {
    if (!body) return;
    await save(() =>
      answered(
        vessel
          ? client.PUT('/api/vessels', { body, ...asSeen(vessel) })
          : client.POST('/api/vessels', { body }),
      ),
    );
  };
  const retire =
    vessel &&
    (() => save(() => answered(client.PUT('/api/vessels/{id}/retired', retired(vessel)))));
  return { sheet, read, ready: body !== undefined, write, retire };
}

/** A pot with its inside sizes. */
export function VesselForm(props: Props) {
  const { vessel, units, onClose } = props;
  const { sheet, read, ready, write, retire } = useVessel(props);
  const { values, put, refused } = sheet;
  const round = values.shape === 'ROUND';
  const length = ({ value }: { value: number | undefined }) =>
    value === undefined
      ? ''
      : show.text(show.depth(Math.max(0, value), units === 'US' ? 'METRIC' : 'US'));
  const field = (name: Exclude<Field, 'name'>, label: string, understood: string) => (
    <SheetField
      of={sheet}
      name={name}
      label={label}
      pointer={POINTERS[name]}
      read={read[name]}
      understood={understood}
    />
  );
  const topEmpty = round ? 'straight' : 'square';
  return (
    <Sheet
      of={sheet}
      title={vessel ? `Change ${vessel.name}` : 'Add a pot'}
      ready={ready}
      onAct={write}
      onClose={onClose}
      atField={Object.values(POINTERS)
        .map((p) => refused?.at(p))
        .find(Boolean)}
      more={retire && <PutOutOfUse onAct={retire} />}
    >
      <SheetField of={sheet} name="name" label="What the cooks call it" pointer="/name" autoFocus />
      <Choices
        label="Shape"
        options={SHAPES}
        chosen={values.shape}
        onChoose={(to) => put('shape', to)}
      />
      {field('base', round ? 'Wide inside, at the bottom' : 'Long inside', length(read.base))}
      {field(
        'top',
        round ? 'Wide inside, at the rim' : 'Wide inside',
        values.top === '' ? topEmpty : length(read.top),
      )}
      {field('depth', 'Deep inside', length(read.depth))}
      {field('empty', 'Weighs empty', values.empty === '' ? 'never weighed' : '')}
      <Choices
        label="Made of, inside"
        options={METALS}
        chosen={values.metal}
        onChoose={(to) => put('metal', to)}
      />
      <Choices label="Lid" options={LID} chosen={values.lid} onChoose={(to) => put('lid', to)} />
      {field('oven', 'Hottest oven it bears', values.oven === '' ? 'not for the oven' : '')}
    </Sheet>
  );
}
