import type { Dressing, ServingTables } from '../../../api/client';
import { useFormulas } from '../../../api/formulas';
import { Pick, TextLine } from '../../../ui/fields';
import { Text } from '../../../ui/text';
import { Across, Fields } from './beside.styles';
import type { PastaText } from './besideText';
import type { FieldProps } from './fieldProps';
import { Readings } from './Readings';
import { potsOf } from './trays';

const DRESSINGS: readonly (readonly [Dressing, string])[] = [
  ['IN_THE_PAN', 'tossed in the pan'],
  ['LADLED', 'ladled on the plate'],
  ['ON_THE_TABLE', 'sauce on the table'],
];

interface Props extends FieldProps {
  pasta: PastaText;
}

/** What is typed of pasta: shape, amount, water, salt, pot and burner. */
export function PastaFields({ beside, pasta, tables, kitchen, change, faultAt }: Props) {
  const set = (to: Partial<PastaText>) => change({ pasta: { ...pasta, ...to } });
  return (
    <Fields>
      <Across>
        <Pick
          label="Pasta"
          value={pasta.shapeId}
          options={tables.shapes.map((s) => [s.id, s.name] as const)}
          onPick={(shapeId) =>
            set({ shapeId, ...(!isFresh(tables, shapeId) && { formulaId: '' }) })
          }
          fault={faultAt('pasta/shapeId')}
        />
      </Across>
      {isFresh(tables, pasta.shapeId) && (
        <Dough
          formulaId={pasta.formulaId}
          onPick={(formulaId) => set({ formulaId })}
          fault={faultAt('pasta/formulaId')}
        />
      )}
      <TextLine
        label="How many get it"
        text={beside.covers}
        onText={(covers) => change({ covers })}
        fault={faultAt('covers')}
      />
      <TextLine
        label="Raw, a head"
        text={pasta.each}
        onText={(each) => set({ each })}
        fault={faultAt('pasta/rawMassEachKilograms')}
      />
      <Across>
        <Pick
          label="Dressed"
          value={pasta.dressing}
          options={DRESSINGS}
          onPick={(dressing) => set({ dressing })}
        />
      </Across>
      <Across>
        <Pick
          label="Pot for the water"
          value={pasta.vesselId}
          options={[
            ['', 'the one that fits'] as const,
            ...potsOf(kitchen).map((v) => [v.id, v.name] as const),
          ]}
          onPick={(vesselId) => set({ vesselId })}
          fault={faultAt('pasta/vesselId')}
        />
      </Across>
      <Across>
        <Pick
          label="Burner"
          value={pasta.heatSourceId}
          options={[
            ['', 'the strongest'] as const,
            ...kitchen.heatSources.filter((h) => !h.retired).map((h) => [h.id, h.name] as const),
          ]}
          onPick={(heatSourceId) => set({ heatSourceId })}
          fault={faultAt('pasta/heatSourceId')}
        />
      </Across>
      <WaterFields pasta={pasta} set={set} faultAt={faultAt} />
      <Across>
        <Readings readings={pasta.probe} most={1} change={(probe) => set({ probe })} />
        {faultAt('pasta/waterReading') && (
          <Text role="alert" size="small" tone="alarm">
            {faultAt('pasta/waterReading')}
          </Text>
        )}
      </Across>
    </Fields>
  );
}

const isFresh = (tables: ServingTables, shapeId: string): boolean =>
  tables.shapes.some((s) => s.id === shapeId && s.fresh);

interface DoughProps {
  formulaId: string;
  onPick: (formulaId: string) => void;
  fault: string | undefined;
}
/** Fresh pasta is bought, or its dough is made, rolled and cut here. */
function Dough({ formulaId, onPick, fault }: DoughProps) {
  const { data: shelf = [] } = useFormulas();
  const parts = shelf.filter((f) => f.family === 'PART').map((f) => [f.id, f.name] as const);
  return (
    <Across>
      <Pick
        label="Comes from"
        value={formulaId}
        options={[['', 'a shop'] as const, ...parts]}
        onPick={onPick}
        fault={fault}
      />
    </Across>
  );
}

interface WaterProps {
  pasta: PastaText;
  set: (to: Partial<PastaText>) => void;
  faultAt: (field: string) => string | undefined;
}
/** How much water, how salty, how cold it comes. */
function WaterFields({ pasta, set, faultAt }: WaterProps) {
  return (
    <>
      <TextLine
        label="Water, l a kg"
        text={pasta.liters}
        onText={(liters) => set({ liters })}
        fault={faultAt('pasta/litersPerKilogram')}
      />
      <TextLine
        label="Salt, g a litre"
        text={pasta.salt}
        onText={(salt) => set({ salt })}
        fault={faultAt('pasta/saltGramsPerLiter')}
      />
      <TextLine
        label="Water from the tap"
        text={pasta.water}
        onText={(water) => set({ water })}
        fault={faultAt('pasta/waterCelsius')}
      />
      <TextLine
        label="Pasta comes at"
        text={pasta.start}
        onText={(start) => set({ start })}
        fault={faultAt('pasta/startCelsius')}
      />
    </>
  );
}
