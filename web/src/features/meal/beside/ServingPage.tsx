import { Button } from '@mui/material';
import { useParams } from 'react-router';
import type { BesideView, KitchenView, MealView, ServingTables } from '../../../api/client';
import { useFormulas } from '../../../api/formulas';
import { useKitchen } from '../../../api/kitchen';
import { useMeal } from '../../../api/meals';
import { useServingTables } from '../../../api/serving';
import { show } from '../../../quantities';
import { Pick } from '../../../ui/fields';
import { Column } from '../../../ui/layout';
import { Note } from '../../../ui/Note';
import { Page } from '../../../ui/Page';
import { Pending } from '../../../ui/Pending';
import { Text } from '../../../ui/text';
import { OutAt } from '../OutAt';
import { meantOut, outInWords } from '../hoursOut';
import { useMealDraft, type DishText } from '../useMealDraft';
import { begun, offers } from './begin';
import { Ask, Panel } from './beside.styles';
import type { BesideText } from './besideText';
import { DishMade } from './DishMade';
import { GoodsFields } from './GoodsFields';
import { nameOf } from './GoesWith';
import { KeptLink } from './KeptLink';
import { PastaFields } from './PastaFields';
import { PastaPanel } from './PastaPanel';
import { PiecesFields } from './PiecesFields';
import { PiecesPanel } from './PiecesPanel';
import { TrayFields } from './TrayFields';
import { TrayPanel } from './TrayPanel';

/** One dish from its sauce to the plate: everything that goes with it, at the stove. */
export function ServingPage() {
  const { id = '', place = '1' } = useParams();
  const { data: kitchen } = useKitchen();
  const { data: meal, error } = useMeal(id);
  const { data: tables } = useServingTables();
  if (!kitchen || !meal || !tables)
    return <Pending title="To the plate" step="Size" shape="columns" error={error} />;
  const at = Number(place) - 1;
  if (!meal.sheet.dishes[at])
    return <Pending title="This meal has no such dish" step="Size" shape="columns" error={null} />;
  return <Written key={`${id} ${at}`} {...{ start: meal, kitchen, tables, at }} />;
}

interface Props {
  start: MealView;
  kitchen: KitchenView;
  tables: ServingTables;
  at: number;
}
function Written({ start, kitchen, tables, at }: Props) {
  const { text, meal, change, faultAt, problem, flush } = useMealDraft(start, kitchen);
  const { data: shelf = [] } = useFormulas();
  const dish = text.dishes[at];
  if (!dish) return null;
  const made = meal.dishes[at];
  // As it was opened: a field that is cleared stays what it is.
  const hasOwn = start.sheet.dishes[at]?.servedLocalTime !== undefined;
  const out = meantOut(dish.served.trim() ? dish.served : text.served, '', new Map());
  const served = out.servedLocalTime;
  const set = (to: Partial<DishText>) =>
    change({ dishes: text.dishes.with(at, { ...dish, ...to }) });
  const name = shelf.find((f) => f.id === dish.formulaId)?.name ?? made?.name ?? 'Dish';
  return (
    <Page
      title={name}
      sub={`${dish.covers} covers of ${dish.servingText}, to the plate ${outInWords(out)}`}
      step="Size"
      acts={
        <KeptLink to={`/meals/${start.id}`} flush={flush} isButton>
          The meal
        </KeptLink>
      }
    >
      {problem && <Note tone="tomato">{problem.summary}</Note>}
      <Column gap={2}>
        <Ask>
          <OutAt
            label="Plates go out at"
            text={hasOwn ? dish.served : text.served}
            onText={(to) => (hasOwn ? set({ served: to }) : change({ served: to }))}
            faultAt={faultAt}
            of={hasOwn ? `/dishes/${at}/` : '/'}
          />
          <Pick
            label="Goes with"
            value=""
            options={offers(tables)}
            onPick={(offer) => {
              const covers = made?.covers ?? 1;
              if (offer) set({ besides: [...dish.besides, begun(offer, covers, tables, kitchen)] });
            }}
          />
        </Ask>
        {made && (
          <DishMade
            made={made}
            kitchen={kitchen}
            onPlan={(targetSolidsFraction) => set({ targetSolidsFraction })}
          />
        )}
        {dish.besides.map((b, i) => (
          <Beside
            key={b.key}
            beside={b}
            made={made?.besides[i]}
            change={(to) => set({ besides: dish.besides.with(i, { ...b, ...to }) })}
            onDrop={() => set({ besides: dish.besides.toSpliced(i, 1) })}
            faultAt={(field) => faultAt(`/dishes/${at}/besides/${i}/${field}`)}
            byPickUp={made?.pickUps?.pasta?.cookedBefore ?? false}
            {...{ kitchen, tables, served }}
          />
        ))}
        {dish.besides.length === 0 && (
          <Text tone="muted">
            Nothing goes with it yet. Choose pasta, pieces, a tray or goods: it is bought, declared
            and timed with the dish.
          </Text>
        )}
      </Column>
    </Page>
  );
}

interface BesideProps {
  beside: BesideText;
  made: BesideView | undefined;
  kitchen: KitchenView;
  tables: ServingTables;
  served: string | undefined;
  /** Pasta is cooked before, and dipped for each pick-up. */
  byPickUp: boolean;
  change: (to: Partial<BesideText>) => void;
  onDrop: () => void;
  faultAt: (field: string) => string | undefined;
}
/** One thing that goes with it: what is typed, and what comes of it. */
function Beside(props: BesideProps) {
  const { beside, made, kitchen, tables, served } = props;
  const { pasta, piece, tray, goods } = beside;
  const name = nameOf(beside, tables, made);
  return (
    <Panel aria-label={name}>
      <div>
        <Text variant="h2" long>
          {name}
        </Text>
        {pasta && <PastaFields {...props} pasta={pasta} />}
        {piece && <PiecesFields {...props} piece={piece} />}
        {tray && <TrayFields {...props} tray={tray} />}
        {goods && <GoodsFields {...props} goods={goods} />}
        <Button size="small" sx={{ mt: 1 }} aria-label={`Take ${name} out`} onClick={props.onDrop}>
          Take it out
        </Button>
      </div>
      <div>
        {made?.warnings.map((words) => (
          <Note key={words} tone="tomato">
            <Text long>{words}</Text>
          </Note>
        ))}
        {made?.pasta && pasta && (
          <PastaPanel
            pasta={made.pasta}
            text={pasta}
            kitchen={kitchen}
            served={served}
            byPickUp={props.byPickUp}
          />
        )}
        {made?.piece && <PiecesPanel pieces={made.piece} kitchen={kitchen} />}
        {made?.goods && (
          <Text long>
            {show.text(show.mass(made.rawMassKilograms, kitchen.settings.units))} for {made.covers},{' '}
            {made.goods.overSauce ? 'eaten with the sauce' : 'beside the sauce'}
          </Text>
        )}
        {made?.tray && <TrayPanel tray={made.tray} kitchen={kitchen} />}
      </div>
    </Panel>
  );
}
