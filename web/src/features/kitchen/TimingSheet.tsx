import { client, type HeatSourceView, type KitchenView } from '../../api/client';
import { answered } from '../../api/problem';
import { show, typed } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { SheetField } from '../../ui/SheetField';
import { Text } from '../../ui/text';
import { useEdit } from './useEdit';

const COVERED = [
  { value: 'yes', text: 'lid on' },
  { value: 'no', text: 'open' },
] as const;

interface Props {
  burner: HeatSourceView;
  kitchen: KitchenView;
  onClose: () => void;
}

/** The timing as it is typed, and how it is written. */
function useTiming({ burner, kitchen, onClose }: Props) {
  const start = {
    water: '2 l',
    from: '15 °C',
    time: '',
    vesselId: kitchen.vessels[0]?.id ?? '',
    covered: 'yes' as (typeof COVERED)[number]['value'],
  };
  const sheet = useEdit({ of: burner, kind: 'timing', start, onSaved: onClose });
  const { values, save } = sheet;
  const water = typed(values.water, 'VOLUME', 'l');
  const from = typed(values.from, 'TEMPERATURE', 'c');
  const time = typed(values.time, 'DURATION', 'min');
  const body = water.value !== undefined &&
    from.value !== undefined &&
    time.value !== undefined &&
    values.vesselId !== '' && {
      vesselId: values.vesselId,
      waterCubicMeters: water.value,
      waterText: water.entered,
      startCelsius: from.value,
      seconds: time.value,
      secondsText: time.entered,
      covered: values.covered === 'yes',
    };
  const write = async () => {
    if (!body) return;
    const params = { path: { id: burner.id }, header: { 'If-Match': burner.version } };
    await save(() => answered(client.PUT('/api/heat-sources/{id}/timing', { body, params })));
  };
  return { sheet, read: { water, from, time }, ready: Boolean(body), write };
}

/** Know the stove: a measured litre or two timed to the boil gives the power that really enters the pot. */
export function TimingSheet(props: Props) {
  const { burner, kitchen, onClose } = props;
  const { sheet, read, ready, write } = useTiming(props);
  const { values, put, refused } = sheet;
  const boils = show.temperature(kitchen.boilingPointCelsius, kitchen.settings.units);
  return (
    <Sheet
      of={sheet}
      title={`Time ${burner.name} to the boil`}
      ready={ready}
      onAct={write}
      onClose={onClose}
      atField={['/waterCubicMeters', '/startCelsius', '/seconds']
        .map((p) => refused?.at(p))
        .find(Boolean)}
    >
      <Text tone="muted">
        Put measured cold water on, turn the knob all the way up, and stop the clock when it rolls.
        Water boils here at {show.text(boils)}.
      </Text>
      <SheetField
        of={sheet}
        name="water"
        label="Water"
        pointer="/waterCubicMeters"
        read={read.water}
      />
      <SheetField
        of={sheet}
        name="from"
        label="It was at"
        pointer="/startCelsius"
        read={read.from}
      />
      <Choices
        label="In which pot"
        options={kitchen.vessels.map((v) => ({ value: v.id, text: v.name }))}
        chosen={values.vesselId}
        onChoose={(to) => put('vesselId', to)}
      />
      <Choices
        label="Lid"
        options={COVERED}
        chosen={values.covered}
        onChoose={(to) => put('covered', to)}
      />
      <SheetField
        of={sheet}
        name="time"
        label="It took"
        pointer="/seconds"
        read={read.time}
        understood={
          read.time.value === undefined ? 'such as 6 min 30 s' : `${Math.round(read.time.value)} s`
        }
        autoFocus
      />
    </Sheet>
  );
}
