import { Box, Button } from '@mui/material';
import { useState } from 'react';
import type { Avoid, MealSheet, MealView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Pick, TextLine } from '../../ui/fields';
import { SwapLine } from '../../ui/SwapLine';
import { Text } from '../../ui/text';
import { GroupRow } from './meal.styles';

type Group = MealSheet['dishes'][number]['groups'][number];
interface Edit {
  dish: { groups: Group[] };
  change: (groups: Group[]) => void;
}
interface Props extends Edit {
  made: MealView['dishes'][number] | undefined;
  units: Units;
}

const OFFERS: readonly (readonly [string, string, Avoid[]])[] = [
  ['milk', 'milk', [{ kind: 'ALLERGEN', key: 'MILK' }]],
  ['wheat', 'wheat', [{ kind: 'ALLERGEN', key: 'WHEAT' }]],
  ['celery', 'celery', [{ kind: 'ALLERGEN', key: 'CELERY' }]],
  ['egg', 'egg', [{ kind: 'ALLERGEN', key: 'EGG' }]],
  ['fish', 'fish', [{ kind: 'ALLERGEN', key: 'FISH' }]],
  ['shells', 'shellfish', [{ kind: 'TRAIT', key: 'SHELLFISH' }]],
  ['garlic', 'garlic', [{ kind: 'TRAIT', key: 'GARLIC' }]],
  ['onion', 'onion', [{ kind: 'TRAIT', key: 'ONION' }]],
  ['pork', 'pork', [{ kind: 'TRAIT', key: 'PORK' }]],
  ['meat', 'meat', [{ kind: 'TRAIT', key: 'MEAT' }]],
  ['alcohol', 'alcohol', [{ kind: 'TRAIT', key: 'ALCOHOL' }]],
  [
    'vegan',
    'anything of animals',
    [
      { kind: 'TRAIT', key: 'MEAT' },
      { kind: 'TRAIT', key: 'FISH' },
      { kind: 'TRAIT', key: 'SHELLFISH' },
      { kind: 'TRAIT', key: 'DAIRY' },
      { kind: 'TRAIT', key: 'EGG' },
      { kind: 'TRAIT', key: 'RENNET' },
      { kind: 'TRAIT', key: 'HONEY' },
    ],
  ],
];

/** Some of its eaters leave something out. */
export function SomeWithout({ dish, change }: Edit) {
  const add = (key: string) => {
    const offer = OFFERS.find(([k]) => k === key);
    if (offer)
      change([...dish.groups, { name: `without ${offer[1]}`, covers: 1, avoid: offer[2] }]);
  };
  return (
    <Pick
      label="Some eat without"
      value=""
      options={[['', 'choose'] as const, ...OFFERS.map(([k, words]) => [k, words] as const)]}
      onPick={add}
    />
  );
}

/** Eaters who leave something out: where their share leaves the common pot, and what it goes on with. */
export function Groups({ dish, made, units, change }: Props) {
  return (
    <Box sx={{ pl: { sm: 2 } }}>
      {dish.groups.map((g, i) => (
        <Box key={`${g.name}${i}`} sx={{ mt: 0.75 }}>
          <GroupRow>
            <Text strong>{g.name}</Text>
            <Covers
              covers={g.covers}
              onCovers={(covers) => change(dish.groups.with(i, { ...g, covers }))}
              who={g.name}
            />
            <Button
              size="small"
              aria-label={`Take out ${g.name}`}
              onClick={() => change(dish.groups.toSpliced(i, 1))}
            >
              ×
            </Button>
          </GroupRow>
          {made?.branches[i] && <Parted branch={made.branches[i]} units={units} />}
        </Box>
      ))}
    </Box>
  );
}

/** Raw while it is no number. */
function Covers({
  covers,
  onCovers,
  who,
}: {
  covers: number;
  onCovers: (covers: number) => void;
  who: string;
}) {
  const [text, setText] = useState(String(covers));
  const write = (to: string) => {
    setText(to);
    if (/^[1-9]\d{0,3}$/.test(to.trim())) onCovers(Number(to));
  };
  return (
    <TextLine
      label={`How many ${who}`}
      hidden
      text={text}
      onText={write}
      fault={/^[1-9]\d{0,3}$/.test(text.trim()) ? undefined : 'a number of people'}
    />
  );
}

function Parted({
  branch,
  units,
}: {
  branch: MealView['dishes'][number]['branches'][number];
  units: Units;
}) {
  if (branch.leavesBefore === undefined && branch.without.length === 0)
    return (
      <Text tone="good" size="note" strong>
        They eat what everybody eats.
      </Text>
    );
  return (
    <Box>
      {branch.without.length > 0 && (
        <Text tone="alarm" size="note" strong>
          Not for them: {branch.without.join(', ')}.
        </Text>
      )}
      {branch.shareMassKilograms > 0 && (
        <Text size="note">
          Take <b>{show.text(show.mass(branch.shareMassKilograms, units))}</b> out of the common pot
          before ‘{branch.leavesBefore}’
          {branch.afterSeconds > 0 && `, minute ${Math.round(branch.afterSeconds / 60)}`}; it goes
          on by itself.
        </Text>
      )}
      {branch.swaps.map((s, i) => (
        <SwapLine key={i} swap={s} units={units} />
      ))}
      {branch.warnings.map((w) => (
        <Text key={w} role="alert" tone="alarm" size="note" strong>
          {w}
        </Text>
      ))}
    </Box>
  );
}
