import { Button } from '@mui/material';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useBench, useConflict } from '../../../api/bench';
import { useNow } from '../../../api/clock';
import type { BenchView, KitchenView } from '../../../api/client';
import { useKitchen } from '../../../api/kitchen';
import { ProblemError } from '../../../api/problem';
import { Choices } from '../../../ui/Choices';
import { Note } from '../../../ui/Note';
import { Page } from '../../../ui/Page';
import { Pending } from '../../../ui/Pending';
import { Row } from '../../../ui/layout';
import { Text } from '../../../ui/text';
import { BenchPicture } from './BenchPicture';
import { Boxes } from './Boxes';
import { Dishes } from './DishMarks';
import { platesOf } from './platesOf';
import { RunSheet } from './RunSheet';
import { StartIt } from './StartIt';
import { Verdict } from './Verdict';

const HOURS = [
  { value: '2', text: 'last 2 h' },
  { value: '5', text: 'last 5 h' },
  { value: 'all', text: 'all of it' },
] as const;
const BENCH = 'the bench';
const EVERY_MS = 15_000;

/** Can it all be hot at the hour? */
export function BenchPage() {
  const { id = '' } = useParams();
  const { data: kitchen } = useKitchen();
  const { data: bench, error } = useBench(id);
  if (error instanceof ProblemError) return <Asked id={id} problem={error} />;
  if (!kitchen || !bench) return <Pending title="Service" step="Size" error={error} />;
  return <Drawn bench={bench} kitchen={kitchen} />;
}

/** What the meal has still to say, with the way there. */
function Asked({ id, problem }: { id: string; problem: ProblemError }) {
  return (
    <Page title="Service" sub="who does what when, and on which burner" step="Size">
      <Note tone="tomato">{problem.summary}</Note>
      <Button component={Link} to={`/meals/${id}`} variant="contained" sx={{ mt: 2 }}>
        To the meal
      </Button>
    </Page>
  );
}

function Drawn({ bench, kitchen }: { bench: BenchView; kitchen: KitchenView }) {
  const { units, zone } = kitchen.settings;
  const now = useNow(EVERY_MS);
  const [hours, setHours] = useState<(typeof HOURS)[number]['value']>('2');
  const cooks = bench.lanes.filter((l) => l.kind === 'COOK').map((l) => l.name);
  const [seen, setSeen] = useState(BENCH);
  const { data: conflict } = useConflict(
    bench.mealId,
    bench.verdict !== 'FITS' && bench.verdict !== 'TIGHT',
  );
  return (
    <Page
      title={bench.name}
      sub={`${platesOf(bench, zone)} · ${kitchenOf(bench)}`}
      step="Size"
      acts={
        <>
          <Button component={Link} to={`/meals/${bench.mealId}`} variant="outlined">
            The meal
          </Button>
          <StartIt mealId={bench.mealId} able={bench.work.length > 0} />
        </>
      }
    >
      <Verdict bench={bench} conflict={conflict} />
      {bench.work.length > 0 && (
        <>
          <Row gap={3} wrap sx={{ my: 1 }}>
            <Choices
              label="Show"
              options={[BENCH, ...cooks].map((name) => ({
                value: name,
                text: name === BENCH ? name : `${name}’s run sheet`,
              }))}
              chosen={seen}
              onChoose={setSeen}
            />
            {seen === BENCH && (
              <Choices label="From" options={HOURS} chosen={hours} onChoose={setHours} />
            )}
          </Row>
          {seen === BENCH ? (
            <>
              <Dishes bench={bench} />
              <BenchPicture
                bench={bench}
                zone={zone}
                now={now}
                hours={hours === 'all' ? undefined : Number(hours)}
              />
              <Boxes bench={bench} zone={zone} />
            </>
          ) : (
            <RunSheet bench={bench} cook={seen} units={units} zone={zone} now={now} />
          )}
        </>
      )}
      {bench.by !== 'cp-sat' && bench.work.length > 0 && (
        <Text tone="muted" size="note">
          A plain schedule: the solver is not to be had on this machine.
        </Text>
      )}
    </Page>
  );
}

function kitchenOf(bench: BenchView): string {
  const of = (kind: BenchView['lanes'][number]['kind'], one: string) => {
    const count = bench.lanes.filter((l) => l.kind === kind).length;
    return count === 0 ? [] : [`${count} ${one}${count === 1 ? '' : 's'}`];
  };
  return [...of('COOK', 'cook'), ...of('BURNER', 'burner'), ...of('OVEN', 'oven')].join(', ');
}
