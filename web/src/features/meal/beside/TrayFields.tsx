import { Button } from '@mui/material';
import type { ServingTables } from '../../../api/client';
import { Pick, TextLine } from '../../../ui/fields';
import { Across, Fields, Typed } from './beside.styles';
import type { FillingText, TrayText } from './besideText';
import type { FieldProps } from './fieldProps';
import { traysOf } from './trays';

const FANS = [
  ['no', 'still air'],
  ['yes', 'fan on'],
] as const;

interface Props extends FieldProps {
  tray: TrayText;
}

/** What is typed of trays: size, sheets, fillings, oven and minutes. */
export function TrayFields({ beside, tray, tables, kitchen, change, faultAt }: Props) {
  const set = (to: Partial<TrayText>) => change({ tray: { ...tray, ...to } });
  const line = (label: string, field: keyof TrayText & string, at: string) => (
    <TextLine
      label={label}
      text={String(tray[field])}
      onText={(to) => set({ [field]: to })}
      fault={faultAt(`tray/${at}`)}
    />
  );
  return (
    <Fields>
      <Across>
        <Pick
          label="Tray"
          value={tray.tray}
          options={[
            ...traysOf(kitchen).map((v) => [`vessel:${v.id}`, v.name] as const),
            ...tables.traySizes.map((s) => [`size:${s.id}`, s.name] as const),
          ]}
          onPick={(to) => set({ tray: to })}
          fault={faultAt('tray/traySizeId') ?? faultAt('tray/vesselId')}
        />
      </Across>
      <TextLine
        label="How many get it"
        text={beside.covers}
        onText={(covers) => change({ covers })}
        fault={faultAt('covers')}
      />
      {line('Trays', 'trays', 'trays')}
      <Across>
        <Pick
          label="Layered with"
          value={tray.sheetId}
          options={tables.sheets.map((s) => [s.id, s.name] as const)}
          onPick={(sheetId) => set({ sheetId })}
          fault={faultAt('tray/sheetId')}
        />
      </Across>
      {line('Of these, a tray', 'sheetsMass', 'sheetsMassKilograms')}
      {line('Layers', 'layers', 'layers')}
      <Across>
        <Fillings
          fillings={tray.fillings}
          tables={tables}
          change={(fillings) => set({ fillings })}
          faultAt={faultAt}
        />
      </Across>
      {line('Oven', 'oven', 'ovenCelsius')}
      <Pick
        label="Its air"
        value={tray.fan ? 'yes' : 'no'}
        options={FANS}
        onPick={(fan) => set({ fan: fan === 'yes' })}
      />
      {line('Covered', 'covered', 'coveredMinutes')}
      {line('Then open', 'open', 'openMinutes')}
      {line('Goes in at', 'start', 'startCelsius')}
      {line('Middle wanted', 'core', 'coreCelsius')}
    </Fields>
  );
}

interface FillingsProps {
  fillings: FillingText[];
  tables: ServingTables;
  change: (fillings: FillingText[]) => void;
  faultAt: (field: string) => string | undefined;
}
function Fillings({ fillings, tables, change, faultAt }: FillingsProps) {
  const options = tables.fillings.map((f) => [f.id, f.name] as const);
  const set = (i: number, to: Partial<FillingText>) =>
    change(fillings.map((f, at) => (at === i ? { ...f, ...to } : f)));
  return (
    <>
      {fillings.map((f, i) => (
        <Typed key={i}>
          <Pick
            label={`Filling ${i + 1}`}
            value={f.fillingId}
            options={options}
            onPick={(fillingId) => set(i, { fillingId })}
          />
          <TextLine
            label={`Of filling ${i + 1}, a tray`}
            text={f.mass}
            onText={(mass) => set(i, { mass })}
            fault={faultAt(`tray/fillings/${i}/massKilograms`) ?? faultAt('tray/fillings')}
          />
          <Button
            size="small"
            aria-label={`Take out filling ${i + 1}`}
            onClick={() => change(fillings.toSpliced(i, 1))}
          >
            ×
          </Button>
        </Typed>
      ))}
      <Button
        size="small"
        onClick={() => change([...fillings, { fillingId: options[0]?.[0] ?? '', mass: '300 g' }])}
      >
        A filling more
      </Button>
    </>
  );
}
