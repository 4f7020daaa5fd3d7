import { Button } from '@mui/material';
import type { Medium } from '../../../api/client';
import { Pick, TextLine } from '../../../ui/fields';
import { Text } from '../../../ui/text';
import { Across, Fields, Typed } from './beside.styles';
import type { PiecesText, SpellText } from './besideText';
import type { FieldProps } from './fieldProps';
import { Readings } from './Readings';

const MEDIA: readonly (readonly [Medium, string])[] = [
  ['POACH', 'in the sauce'],
  ['STEAM', 'in steam, on top'],
  ['OVEN', 'in the oven'],
  ['FAN_OVEN', 'in the oven, fan on'],
  ['PAN', 'on a hot pan, turned'],
  ['REST', 'resting, out of the heat'],
];

interface Props extends FieldProps {
  piece: PiecesText;
}

/** What is typed of pieces: kind, thickness by ruler, start, heat, core, and what a probe shows. */
export function PiecesFields({ beside, piece, tables, change, faultAt }: Props) {
  const set = (to: Partial<PiecesText>) => change({ piece: { ...piece, ...to } });
  const line = (label: string, field: keyof PiecesText & string, at: string) => (
    <TextLine
      label={label}
      text={String(piece[field])}
      onText={(to) => set({ [field]: to })}
      fault={faultAt(`piece/${at}`)}
    />
  );
  return (
    <Fields>
      <Across>
        <Pick
          label="Pieces"
          value={piece.cutId}
          options={tables.cuts.map((c) => [c.id, c.name] as const)}
          onPick={(cutId) => set({ cutId })}
          fault={faultAt('piece/cutId')}
        />
      </Across>
      <TextLine
        label="How many get it"
        text={beside.covers}
        onText={(covers) => change({ covers })}
        fault={faultAt('covers')}
      />
      {line('Pieces a head', 'each', 'piecesEach')}
      {line('Thick, by ruler', 'thickness', 'thicknessMeters')}
      {line('Starts at', 'start', 'startCelsius')}
      <Across>
        <Spells spells={piece.before} change={(before) => set({ before })} faultAt={faultAt} />
      </Across>
      <Across>
        <Pick
          label="Finished"
          value={piece.medium}
          options={MEDIA.filter(([m]) => m !== 'REST')}
          onPick={(medium) => set({ medium })}
        />
      </Across>
      {line('That is', 'heat', 'mediumCelsius')}
      {line('Core wanted', 'core', 'coreCelsius')}
      <Across>
        <Readings readings={piece.readings} change={(readings) => set({ readings })} />
        {faultAt('piece/readings') && (
          <Text role="alert" size="small" tone="alarm">
            {faultAt('piece/readings')}
          </Text>
        )}
      </Across>
    </Fields>
  );
}

interface SpellsProps {
  spells: SpellText[];
  change: (spells: SpellText[]) => void;
  faultAt: (field: string) => string | undefined;
}
function Spells({ spells, change, faultAt }: SpellsProps) {
  const set = (i: number, to: Partial<SpellText>) =>
    change(spells.map((s, at) => (at === i ? { ...s, ...to } : s)));
  return (
    <>
      {spells.map((s, i) => (
        <div key={i}>
          <Pick
            label={`First, act ${i + 1}`}
            value={s.medium}
            options={MEDIA}
            onPick={(medium) => set(i, { medium })}
          />
          <Typed>
            <TextLine
              label={`Act ${i + 1} is`}
              text={s.heat}
              onText={(heat) => set(i, { heat })}
              fault={faultAt(`piece/before/${i}/mediumCelsius`)}
            />
            <TextLine
              label={`Act ${i + 1} for`}
              text={s.minutes}
              onText={(minutes) => set(i, { minutes })}
              fault={faultAt(`piece/before/${i}/minutes`) ?? faultAt('piece/before')}
            />
            <Button
              size="small"
              aria-label={`Take out act ${i + 1}`}
              onClick={() => change(spells.toSpliced(i, 1))}
            >
              ×
            </Button>
          </Typed>
        </div>
      ))}
      <Button
        size="small"
        onClick={() => change([...spells, { medium: 'PAN', heat: '180 °C', minutes: '2 min' }])}
      >
        An act before
      </Button>
    </>
  );
}
