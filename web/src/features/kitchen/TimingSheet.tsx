import { useState } from 'react';
import { Typography } from '@mui/material';
import { client, type HeatSourceView, type KitchenView } from '../../api/client';
import { answered } from '../../api/problem';
import { QuantityField, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { EditSheet } from './EditSheet';
import { useSave } from './useSave';

const COVERED = [
  { value: 'yes', text: 'lid on' },
  { value: 'no', text: 'open' },
] as const;
const POINTERS = { water: '/waterCubicMeters', start: '/startCelsius', time: '/seconds' } as const;
type Field = keyof typeof POINTERS;

/** Know the stove: a measured litre or two timed to the boil gives the power that really enters the pot. */
export function TimingSheet({
  burner,
  kitchen,
  onClose,
}: {
  burner: HeatSourceView;
  kitchen: KitchenView;
  onClose: () => void;
}) {
  const [texts, setTexts] = useState<Record<Field, string>>({
    water: '2 l',
    start: '15 °C',
    time: '',
  });
  const [vesselId, setVessel] = useState(kitchen.vessels[0]?.id ?? '');
  const [covered, setCovered] = useState<'yes' | 'no'>('yes');
  const { problem, save } = useSave(onClose);
  const read = {
    water: parseQuantity(texts.water, 'VOLUME', 'l'),
    start: parseQuantity(texts.start, 'TEMPERATURE', 'c'),
    time: parseQuantity(texts.time, 'DURATION', 'min'),
  };
  const ready = Object.values(read).every((r) => r.outcome === 'understood') && vesselId !== '';
  const field = (f: Field, label: string, understood: string) => {
    const r = read[f];
    return (
      <QuantityField
        label={label}
        text={texts[f]}
        onText={(text) => setTexts({ ...texts, [f]: text })}
        understood={understood}
        fault={texts[f] && r.outcome !== 'understood' ? r.message : problem?.at(POINTERS[f])}
        numeric={false}
        autoFocus={f === 'time'}
      />
    );
  };
  const write = () => {
    const { water, start, time } = read;
    if (
      water.outcome !== 'understood' ||
      start.outcome !== 'understood' ||
      time.outcome !== 'understood'
    )
      return;
    const body = {
      vesselId,
      waterCubicMeters: water.value,
      waterText: texts.water,
      startCelsius: start.value,
      seconds: time.value,
      secondsText: texts.time,
      covered: covered === 'yes',
    };
    void save(() =>
      answered(
        client.PUT('/api/heat-sources/{id}/timing', {
          body,
          params: { path: { id: burner.id }, header: { 'If-Match': burner.version } },
        }),
      ),
    );
  };
  return (
    <EditSheet
      title={`Time ${burner.name} to the boil`}
      ready={ready}
      problem={problem}
      shownAtFields={(Object.keys(POINTERS) as Field[]).some((f) => problem?.at(POINTERS[f]))}
      onSave={write}
      onRetire={undefined}
      onClose={onClose}
    >
      <Typography sx={{ color: 'text.secondary' }}>
        Put measured cold water on, turn the knob all the way up, and stop the clock when it rolls.
        Water boils here at{' '}
        {show.text(show.temperature(kitchen.boilingPointCelsius, kitchen.settings.units))}.
      </Typography>
      {field('water', 'Water', '')}
      {field('start', 'It was at', '')}
      <Choices
        label="In which pot"
        options={kitchen.vessels.map((v) => ({ value: v.id, text: v.name }))}
        chosen={vesselId}
        onChoose={setVessel}
      />
      <Choices label="Lid" options={COVERED} chosen={covered} onChoose={setCovered} />
      {field(
        'time',
        'It took',
        read.time.outcome === 'understood'
          ? `${Math.round(read.time.value)} s`
          : 'such as 6 min 30 s',
      )}
    </EditSheet>
  );
}
