import { usePantry } from '../../../api/pantry';
import { GoodsField } from '../../../ui/GoodsField';
import { Pick, TextLine } from '../../../ui/fields';
import { Text } from '../../../ui/text';
import { Across, Fields } from './beside.styles';
import type { GoodsText } from './besideText';
import type { FieldProps } from './fieldProps';

const PLACES = [
  ['over', 'over the sauce'],
  ['beside', 'beside it'],
] as const;

interface Props extends FieldProps {
  goods: GoodsText;
}

/** What is typed of goods: which, how much each, and whether they are eaten in the sauce. */
export function GoodsFields({ beside, goods, tables, change, faultAt }: Props) {
  const { data: all = [] } = usePantry();
  const set = (to: Partial<GoodsText>) => change({ goods: { ...goods, ...to } });
  return (
    <Fields>
      <Across>
        <Text size="small">What</Text>
        <GoodsField
          goods={all}
          chosen={all.find((g) => g.id === goods.ingredientId)}
          onChoose={(ingredientId) => {
            if (ingredientId) set({ ingredientId });
          }}
          fault={faultAt('goods/ingredientId')}
        />
      </Across>
      <TextLine
        label="How many get it"
        text={beside.covers}
        onText={(covers) => change({ covers })}
        fault={faultAt('covers')}
      />
      <TextLine
        label="A head"
        text={goods.each}
        onText={(each) => set({ each })}
        fault={faultAt('goods/massEachKilograms')}
      />
      <Across>
        <Pick
          label="Where"
          value={goods.over ? 'over' : 'beside'}
          options={PLACES}
          onPick={(to) => set({ over: to === 'over' })}
        />
      </Across>
      <Across>
        <Pick
          label="In the oven"
          value={goods.neighbourId}
          options={[['', 'no'] as const, ...tables.neighbours.map((n) => [n.id, n.name] as const)]}
          onPick={(neighbourId) => set({ neighbourId })}
          fault={faultAt('goods/neighbourId')}
        />
      </Across>
    </Fields>
  );
}
