import type { IngredientView } from '../../api/client';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { Text } from '../../ui/text';
import { Allergens, FromLabel, Names } from './IngredientFields';
import { PackFields } from './PackFields';
import { Substitutes } from './Substitutes';
import { Ticks } from './Ticks';
import { useIngredient, type Props } from './useIngredient';
import { entries, TRAITS } from './words';

/** Everything about one ingredient: its label, its packs and prices, what stands in for it. */
export function IngredientSheet(props: Props) {
  const { of, kitchen, onClose } = props;
  const ingredient = useIngredient(props);
  const { sheet, content, faultAt, save, retire } = ingredient;
  const { values, put } = sheet;
  return (
    <Sheet
      of={sheet}
      title={of ? of.content.name : 'Add an ingredient'}
      ready={content !== undefined}
      onAct={save}
      onClose={onClose}
      width="md"
      more={
        of && (
          <ActButton size="large" onAct={() => retire(!of.retired)}>
            {of.retired ? 'Take out again' : 'Put away'}
          </ActButton>
        )
      }
    >
      {of && <Care of={of} />}
      <Names ingredient={ingredient} />
      <FromLabel ingredient={ingredient} />
      <PackFields
        packs={values.packs}
        change={(packs) => put('packs', packs)}
        currency={kitchen.settings.currency}
        pricedOn={of?.pricedOn}
        faultAt={faultAt}
      />
      <Allergens of={of} ingredient={ingredient} />
      <Ticks
        title="What it is"
        all={entries(TRAITS)}
        chosen={values.traits}
        onChosen={(traits) => put('traits', traits)}
      />
      {of && <Substitutes of={of} units={kitchen.settings.units} />}
      {of && (
        <Text tone="muted" size="small">
          Source: {of.content.source}. Real goods lie within ± {Math.round(of.rangeFraction * 100)}{' '}
          %, their salt within ± {Math.round(of.saltRangeFraction * 100)} %. {of.notes.join(' ')}
        </Text>
      )}
    </Sheet>
  );
}

function Care({ of }: { of: IngredientView }) {
  return (
    <>
      {of.care.check && (
        <Text size="note">
          <b>When it comes in:</b> {of.care.check}
        </Text>
      )}
      {of.care.caution && <Note>{of.care.caution}</Note>}
    </>
  );
}
