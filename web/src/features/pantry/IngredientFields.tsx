import type { IngredientView } from '../../api/client';
import { Note } from '../../ui/Note';
import { Pick, TextLine } from '../../ui/fields';
import { list } from '../../ui/list';
import { Text } from '../../ui/text';
import { Tick, Ticks } from './Ticks';
import { SHARES } from './ingredientForm';
import { NameGrid, ShareGrid } from './pantry.styles';
import type { Ingredient } from './useIngredient';
import { ALLERGENS, entries, KINDS } from './words';

/** What it is called, and on which shelf it stands. */
export function Names({ ingredient: { sheet, faultAt } }: { ingredient: Ingredient }) {
  const { values, put } = sheet;
  return (
    <NameGrid>
      <TextLine
        label="Name"
        text={values.name}
        onText={(to) => put('name', to)}
        fault={faultAt('name')}
      />
      <Pick
        label="Shelf"
        value={values.kind}
        options={entries(KINDS)}
        onPick={(to) => put('kind', to)}
      />
      <TextLine
        label="Also called, apart by commas"
        text={values.alsoCalled}
        onText={(to) => put('alsoCalled', to)}
      />
    </NameGrid>
  );
}

/** What its label says of 100 g, and what a spoon or a piece weighs. */
export function FromLabel({ ingredient: { sheet, faultAt } }: { ingredient: Ingredient }) {
  const { values, put } = sheet;
  const line = (
    field: 'spoon' | 'pieceName' | 'pieceMass' | 'edible' | (typeof SHARES)[number][0],
    label: string,
    placeholder = '',
  ) => (
    <TextLine
      key={field}
      label={label}
      text={values[field]}
      onText={(to) => put(field, to)}
      placeholder={placeholder}
      fault={faultAt(field)}
    />
  );
  return (
    <>
      <Text variant="h2">In 100 g, from the label</Text>
      <ShareGrid>{SHARES.map(([field, words]) => line(field, `${words}, g`))}</ShareGrid>
      <ShareGrid>
        {line('spoon', 'A tablespoon weighs')}
        {line('pieceName', 'A piece is called', 'clove')}
        {line('pieceMass', 'and weighs')}
        {line('edible', 'Left after peel and bone, %')}
      </ShareGrid>
    </>
  );
}

/** What is in it by law; until its label is read nothing is called absent. */
export function Allergens({
  of,
  ingredient: { sheet },
}: {
  of: IngredientView | undefined;
  ingredient: Ingredient;
}) {
  const { values, put } = sheet;
  const asks = of?.asks ?? [];
  return (
    <>
      <Ticks
        title="Allergens"
        all={entries(ALLERGENS)}
        chosen={values.allergens}
        onChosen={(allergens) => put('allergens', allergens)}
      />
      <Tick
        words="I have read its label: nothing else of the law is in it"
        on={values.labelRead}
        onTick={() => put('labelRead', !values.labelRead)}
      />
      {!values.labelRead && (
        <Note>
          {asks.length > 0
            ? `By maker it may carry ${list(asks.map((a) => ALLERGENS[a]))}: until its label is read`
            : 'Until its label is read'}
          , nothing that it goes into is called without allergens.
        </Note>
      )}
    </>
  );
}
