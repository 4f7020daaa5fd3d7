import type { MealView, ServiceView } from '../../../api/client';
import { useMeal } from '../../../api/meals';
import { show, type Units } from '../../../quantities';
import { ActButton } from '../../../ui/ActButton';
import { Declaration } from '../../../ui/Declaration';
import { BareList, Column } from '../../../ui/layout';
import { Coming } from '../../../ui/Pending';
import { taskWords } from '../../../ui/tasks';
import { Text } from '../../../ui/text';
import type { Work } from '../bench/lanes';
import { hoursOf } from '../bench/platesOf';
import { liveOf, type Live } from './live';
import { Card, Cards, PlateRow } from './service.styles';
import type { Say } from './useSay';

interface Props {
  service: ServiceView;
  say: Say;
  units: Units;
  zone: string;
}

const AT_THE_PASS = new Set(['PLATE', 'SERVE']);

/** Plates by hour and dish, with what each eater has to be told, and what must come out first. */
export function Pass(props: Props) {
  const { service, zone } = props;
  const { data: meal, error } = useMeal(service.mealId);
  // In the order of the dishes: two can have one name, and be for others.
  const hours = service.bench.hours
    .map((h, place) => ({ ...h, place }))
    .toSorted((a, b) => a.at.localeCompare(b.at));
  return (
    <Column gap={2}>
      <Coming error={error} come={meal !== undefined} />
      <Cards>
        {hours.map((h) => (
          <Card key={h.place} aria-label={`${h.dish} at ${show.hour(h.at, zone)}`}>
            <Text size="step" strong long>
              {hoursOf(h, zone)} · {h.covers} × {h.dish}
            </Text>
            {service.bench.takeOuts
              .filter((t) => t.dish === h.dish)
              .map((t) => (
                <Text key={t.what} tone="warn" strong long>
                  Take out: {t.what}
                </Text>
              ))}
            <Plates {...props} dish={h.dish} at={h.at} />
            {meal && <InIt made={meal.dishes[h.place]} dish={h.dish} covers={h.covers} />}
          </Card>
        ))}
      </Cards>
    </Column>
  );
}

type Made = MealView['dishes'][number] | undefined;

/** What eaters are told; never nothing where the meal is another by now. */
function InIt({ made, dish, covers }: { made: Made; dish: string; covers: number }) {
  if (made?.name !== dish || made.covers !== covers)
    return (
      <Text role="alert" tone="alarm" strong>
        What is in it is not known: the meal has been written otherwise. Choose ‘Cook the meal as it
        is written now’ on the bench.
      </Text>
    );
  return (
    <Column gap={1}>
      {made.branches.map((b) => (
        <Text key={b.group} tone="warn" strong long>
          {b.covers} apart, {b.group}
          {b.without.length > 0 && `: no ${b.without.join(', ')}`}
        </Text>
      ))}
      <Declaration of={made.declaration} avoided={made.avoided} />
    </Column>
  );
}

/** Its plates load by load, and out. */
function Plates({ service, say, units, zone, dish, at }: Props & { dish: string; at: string }) {
  const live = liveOf(service);
  const out = service.bench.work.find(
    (w) => w.task.kind === 'SERVE' && w.task.name === dish && w.task.at === at,
  );
  const works = service.bench.work.filter(
    (w) => AT_THE_PASS.has(w.task.kind) && w.task.subjectId === out?.task.subjectId,
  );
  return (
    <BareList aria-label={`Plates of ${dish}`}>
      {works.map((w) => (
        <Plate
          key={w.task.key}
          work={w}
          live={live.get(w.task.key)}
          words={`${show.hour(w.begins, zone)} ${taskWords(w.task, units)}`}
          say={say}
          ended={service.endedAt !== undefined}
        />
      ))}
    </BareList>
  );
}

interface PlateProps {
  work: Work;
  live: Live | undefined;
  words: string;
  say: Say;
  ended: boolean;
}

function Plate({ work, live, words, say, ended }: PlateProps) {
  const over = live?.state === 'OVER';
  return (
    <PlateRow>
      <Text tone={over ? 'muted' : 'ink'} long>
        {words}
        {work.by && `, ${work.by}`}
      </Text>
      {over ? (
        <Text tone="good" strong>
          done
        </Text>
      ) : (
        !ended && (
          <ActButton
            variant="outlined"
            aria-label={`Done: ${words}`}
            onAct={() => say('ENDED', { key: work.task.key })}
          >
            Done
          </ActButton>
        )
      )}
    </PlateRow>
  );
}
