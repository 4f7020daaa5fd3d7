import { Button } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import { useNow } from '../../api/clock';
import type { KitchenView } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { show } from '../../quantities';
import { Page } from '../../ui/Page';
import { Pending } from '../../ui/Pending';
import { Column, Row } from '../../ui/layout';
import { list } from '../../ui/list';
import { Text } from '../../ui/text';
import { BurnerForm } from './BurnerForm';
import { HeightQuestion } from './HeightQuestion';
import { QuestionList } from './kitchen.styles';
import { AnswerActs, Question, type Answering } from './Question';
import { useFacts } from './useFacts';
import { VesselForm } from './VesselForm';
import { WritingFields, writingWords } from './WritingFields';
import { ZoneField } from './ZoneField';

const TITLE = 'Five questions';
const SUB = 'so that the hours and amounts are those of this kitchen; each can wait';

/** The first run: what every plan needs to know of a kitchen, and then the first plan. */
export function BeginPage() {
  const { data: kitchen, error } = useKitchen();
  if (!kitchen) return <Pending title={TITLE} sub={SUB} error={error} />;
  return (
    <Page title={TITLE} sub={SUB}>
      <Questions kitchen={kitchen} />
    </Page>
  );
}

interface Of {
  kitchen: KitchenView;
}

function Questions({ kitchen }: Of) {
  const [at, setAt] = useState(0);
  const now = useNow();
  const { settings, vessels, heatSources } = kitchen;
  const next = () => setAt((here) => here + 1);
  const acts = { onAnswered: next, onSkip: next };
  const asked = (place: number) => ({ open: at === place, onOpen: () => setAt(place) });
  const height = show.text(show.altitude(settings.altitudeMeters, settings.units));
  const boils = show.text(show.temperature(kitchen.boilingPointCelsius, settings.units));
  return (
    <Column gap={2} sx={{ maxWidth: 'sm' }}>
      <QuestionList>
        <Question
          {...asked(0)}
          asks="How does it write things?"
          because="Any unit can be typed anywhere; this is what is shown first."
          answer={`${writingWords(settings)}.`}
        >
          <WritingQuestion kitchen={kitchen} {...acts} />
        </Question>
        <Question
          {...asked(1)}
          asks="How high is it?"
          because="Water boils lower up there, and a sauce takes longer."
          answer={`${height} above the sea: water boils at ${boils}.`}
        >
          <HeightQuestion kitchen={kitchen} {...acts} />
        </Question>
        <Question
          {...asked(2)}
          asks="Which clock hangs on its wall?"
          because="Every hour here is told by it, whatever a device thinks."
          answer={`${settings.zone}, where it is ${show.hour(now, settings.zone)}.`}
        >
          <ZoneQuestion kitchen={kitchen} {...acts} />
        </Question>
        <Question
          {...asked(3)}
          asks="Which pots are there?"
          because="How wide a pot is decides how fast it thickens; its depth, how much it holds."
          answer={list(vessels.map((v) => v.name)) || 'None told yet.'}
        >
          <PotsQuestion kitchen={kitchen} {...acts} />
        </Question>
        <Question
          {...asked(4)}
          asks="Which burners?"
          because="Their watts decide how long the pot takes to a simmer, and how fast it goes there."
          answer={list(heatSources.map((h) => h.name)) || 'None told yet.'}
        >
          <BurnersQuestion kitchen={kitchen} {...acts} />
        </Question>
      </QuestionList>
      <FirstPlan kitchen={kitchen} asked={at > 4} />
    </Column>
  );
}

function WritingQuestion({ kitchen, ...acts }: Of & Answering) {
  const sheet = useFacts({ kitchen, kept: 'writing', facts: [], onSaved: acts.onAnswered });
  return (
    <>
      <WritingFields sheet={sheet} />
      <AnswerActs {...acts} ready refused={sheet.refused} onAnswer={() => sheet.write()} />
    </>
  );
}

/** The zone of the device in hand is most likely the kitchen's. */
function ZoneQuestion({ kitchen, ...acts }: Of & Answering) {
  const supposed = { zone: Intl.DateTimeFormat().resolvedOptions().timeZone };
  const { onAnswered } = acts;
  const sheet = useFacts({ kitchen, kept: 'zone', facts: [], onSaved: onAnswered, supposed });
  return (
    <>
      <ZoneField sheet={sheet} />
      <AnswerActs {...acts} ready onAnswer={() => sheet.write()} />
    </>
  );
}

function PotsQuestion({ kitchen, onAnswered, onSkip }: Of & Answering) {
  const [adding, setAdding] = useState(false);
  const { vessels, settings } = kitchen;
  return (
    <>
      <AddedSoFar names={vessels.map((v) => v.name)} />
      <AddActs
        what="pot"
        some={vessels.length > 0}
        onAdd={() => setAdding(true)}
        onDone={vessels.length > 0 ? onAnswered : onSkip}
      />
      {adding && (
        <VesselForm vessel={undefined} units={settings.units} onClose={() => setAdding(false)} />
      )}
    </>
  );
}

function BurnersQuestion({ kitchen, onAnswered, onSkip }: Of & Answering) {
  const [adding, setAdding] = useState(false);
  const { heatSources } = kitchen;
  return (
    <>
      <AddedSoFar names={heatSources.map((h) => h.name)} />
      <AddActs
        what="burner"
        some={heatSources.length > 0}
        onAdd={() => setAdding(true)}
        onDone={heatSources.length > 0 ? onAnswered : onSkip}
      />
      {adding && <BurnerForm burner={undefined} onClose={() => setAdding(false)} />}
    </>
  );
}

const AddedSoFar = ({ names }: { names: string[] }) =>
  names.length > 0 && <Text long>So far: {list(names)}.</Text>;

interface AddProps {
  what: string;
  some: boolean;
  onAdd: () => void;
  onDone: () => void;
}
/** One more, or enough. */
const AddActs = ({ what, some, onAdd, onDone }: AddProps) => (
  <Row wrap>
    <Button variant={some ? 'outlined' : 'contained'} onClick={onAdd}>
      {some ? `Add another ${what}` : `Add a ${what}`}
    </Button>
    <Button variant={some ? 'contained' : 'outlined'} onClick={onDone}>
      {some ? 'Those are all' : 'Not now'}
    </Button>
  </Row>
);

/** Where it ends: a first plan, once there is a pot to plan for. */
function FirstPlan({ kitchen, asked }: Of & { asked: boolean }) {
  const missing = [
    ...(kitchen.vessels.length === 0 ? ['a pot'] : []),
    ...(kitchen.heatSources.length === 0 ? ['a burner'] : []),
  ];
  return (
    <Row align="center" wrap gap={2}>
      <Button
        component={Link}
        to="/plan"
        variant={asked && missing.length === 0 ? 'contained' : 'outlined'}
        disabled={missing.length > 0}
      >
        Plan the first batch
      </Button>
      <Text tone="muted">
        {missing.length > 0
          ? `That takes ${list(missing)}. `
          : 'All of it can be changed in Kitchen. '}
        <Link to="/formulas">See the formulas</Link>
      </Text>
    </Row>
  );
}
