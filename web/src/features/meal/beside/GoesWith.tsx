import { Box, Button } from '@mui/material';
import type { BesideView, ServingTables } from '../../../api/client';
import { useKitchen } from '../../../api/kitchen';
import { useServingTables } from '../../../api/serving';
import { show, type Units } from '../../../quantities';
import { Pick, TextLine } from '../../../ui/fields';
import { Text } from '../../../ui/text';
import { GroupRow } from '../meal.styles';
import { KeptLink } from './KeptLink';
import { begun, offers } from './begin';
import type { BesideText } from './besideText';

interface Props {
  besides: BesideText[];
  made: BesideView[];
  covers: number;
  change: (besides: BesideText[]) => void;
  faultAt: (field: string) => string | undefined;
}

/** What a dish goes with: who gets it, how much of it there is, and for whom it is not. */
export function GoesWith({ besides, made, covers, change, faultAt }: Props) {
  const { data: tables } = useServingTables();
  const { data: kitchen } = useKitchen();
  if (!tables || !kitchen) return null;
  const { units } = kitchen.settings;
  return (
    <Box>
      {besides.map((b, i) => (
        <Line
          key={b.key}
          beside={b}
          made={made[i]}
          units={units}
          name={nameOf(b, tables, made[i])}
          change={(to) => change(besides.with(i, { ...b, ...to }))}
          onDrop={() => change(besides.toSpliced(i, 1))}
          fault={faultAt(`besides/${i}/covers`)}
        />
      ))}
      <Pick
        label="Goes with"
        value=""
        options={offers(tables)}
        onPick={(offer) => {
          if (offer) change([...besides, begun(offer, covers, tables, kitchen)]);
        }}
      />
    </Box>
  );
}

/** What it is called while it is typed. */
export function nameOf(
  text: BesideText,
  tables: ServingTables,
  made: BesideView | undefined,
): string {
  const { pasta, piece, tray } = text;
  return (
    tables.shapes.find((s) => s.id === pasta?.shapeId)?.name ??
    tables.cuts.find((c) => c.id === piece?.cutId)?.name ??
    tables.sheets.find((s) => s.id === tray?.sheetId)?.name ??
    (made?.goods ? made.name : 'Goods on the plate')
  );
}

interface LineProps {
  beside: BesideText;
  made: BesideView | undefined;
  units: Units;
  name: string;
  change: (to: Partial<BesideText>) => void;
  onDrop: () => void;
  fault: string | undefined;
}
function Line({ beside, made, units, name, change, onDrop, fault }: LineProps) {
  return (
    <Box sx={{ mt: 0.5 }}>
      <GroupRow>
        <Text strong long>
          {name}
          {made && ` · ${amount(made, units)}`}
        </Text>
        <TextLine
          label={`How many get ${name}`}
          hidden
          text={beside.covers}
          onText={(to) => change({ covers: to })}
          fault={fault}
        />
        <Button size="small" aria-label={`Take out ${name}`} onClick={onDrop}>
          ×
        </Button>
      </GroupRow>
      {made?.warnings.map((words) => (
        <Text key={words} role="alert" tone="alarm" size="note" strong>
          {words}
        </Text>
      ))}
    </Box>
  );
}

/** How much of it, as a cook takes it: pieces where there are some. */
function amount(made: BesideView, units: Units): string {
  const mass = show.text(show.mass(made.rawMassKilograms, units));
  if (made.goods) return `${mass} ${made.goods.overSauce ? 'over the sauce' : 'beside it'}`;
  if (!made.piece) return `${mass} raw`;
  const { count } = made.piece;
  return `${count} ${count === 1 ? 'piece' : 'pieces'}, ${mass}`;
}

interface StoveProps {
  mealId: string;
  place: number;
  /** Keeps what was just typed. */
  flush: () => Promise<void>;
}
/** Where everything that goes with a dish is seen to. */
export function ToTheStove({ mealId, place, flush }: StoveProps) {
  return (
    <Text size="note" sx={{ mt: 0.5 }}>
      <KeptLink to={`/meals/${mealId}/dishes/${place + 1}`} flush={flush}>
        At the stove, to the plate
      </KeptLink>
    </Text>
  );
}
