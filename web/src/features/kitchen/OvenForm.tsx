import { client, type OvenView } from '../../api/client';
import { answered } from '../../api/problem';
import { show, typed, type Units } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { SheetField } from '../../ui/SheetField';
import { PutOutOfUse } from './PutOutOfUse';
import { degreesText } from '../../ui/heat';
import { sizeText } from './sizes';
import { asSeen, retired, useEdit } from './useEdit';

const POINTERS = [
  '/name',
  '/widthMeters',
  '/depthMeters',
  '/heightMeters',
  '/hottestCelsius',
] as const;
const FAN = [
  { value: 'yes', text: 'has a fan' },
  { value: 'no', text: 'has none' },
] as const;

interface Props {
  oven: OvenView | undefined;
  units: Units;
  onClose: () => void;
}

const written = (o: OvenView, units: Units) => ({
  name: o.name,
  width: sizeText(o.widthText, o.widthMeters, units),
  depth: sizeText(o.depthText, o.depthMeters, units),
  height: sizeText(o.heightText, o.heightMeters, units),
  hottest: degreesText(o.hottestCelsius, units),
});
const BLANK = { name: '', width: '', depth: '', height: '', hottest: '' };
type YesNo = (typeof FAN)[number]['value'];

/** An oven as it is typed, and how it is written. */
function useOven({ oven, units, onClose }: Props) {
  const fan: YesNo = oven?.fan === false ? 'no' : 'yes';
  const start = { ...(oven ? written(oven, units) : BLANK), fan: fan as YesNo };
  const sheet = useEdit({ of: oven, kind: 'oven', start, onSaved: onClose });
  const { id, values, save } = sheet;
  const width = typed(values.width, 'LENGTH', 'cm');
  const depth = typed(values.depth, 'LENGTH', 'cm');
  const height = typed(values.height, 'LENGTH', 'cm');
  const hottest = typed(values.hottest, 'TEMPERATURE', 'c');
  const body = width.value !== undefined &&
    depth.value !== undefined &&
    height.value !== undefined &&
    hottest.value !== undefined &&
    values.name.trim() !== '' && {
      id,
      name: values.name,
      widthMeters: width.value,
      widthText: width.entered,
      depthMeters: depth.value,
      depthText: depth.entered,
      heightMeters: height.value,
      heightText: height.entered,
      hottestCelsius: hottest.value,
      fan: values.fan === 'yes',
    };
  const write = async () => {
    if (!body) return;
    await save(() =>
      answered(
        oven
          ? client.PUT('/api/ovens', { body, ...asSeen(oven) })
          : client.POST('/api/ovens', { body }),
      ),
    );
  };
  const retire =
    oven && (() => save(() => answered(client.PUT('/api/ovens/{id}/retired', retired(oven)))));
  return { sheet, read: { width, depth, height, hottest }, ready: Boolean(body), write, retire };
}

/** An oven with its inside sizes: whether a pot goes in is then known. */
export function OvenForm(props: Props) {
  const { oven, units, onClose } = props;
  const { sheet, read, ready, write, retire } = useOven(props);
  const { values, put, refused } = sheet;
  const length = (value: number | undefined) =>
    value === undefined
      ? ''
      : show.text(show.depth(Math.max(0, value), units === 'US' ? 'METRIC' : 'US'));
  const size = (name: 'width' | 'depth' | 'height', label: string) => (
    <SheetField
      of={sheet}
      name={name}
      label={label}
      pointer={`/${name}Meters`}
      read={read[name]}
      understood={length(read[name].value)}
    />
  );
  return (
    <Sheet
      of={sheet}
      title={oven ? `Change ${oven.name}` : 'Add an oven'}
      ready={ready}
      onAct={write}
      onClose={onClose}
      atField={POINTERS.map((p) => refused?.at(p)).find(Boolean)}
      more={retire && <PutOutOfUse onAct={retire} />}
    >
      <SheetField of={sheet} name="name" label="What the cooks call it" pointer="/name" autoFocus />
      {size('width', 'Wide inside')}
      {size('depth', 'Deep inside, door to back')}
      {size('height', 'High inside, above the lowest shelf')}
      <SheetField
        of={sheet}
        name="hottest"
        label="Gets as hot as"
        pointer="/hottestCelsius"
        read={read.hottest}
      />
      <Choices label="Fan" options={FAN} chosen={values.fan} onChoose={(to) => put('fan', to)} />
    </Sheet>
  );
}
