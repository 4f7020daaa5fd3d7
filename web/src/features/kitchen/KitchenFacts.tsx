import { Box, Button } from '@mui/material';
import { useState, type ReactNode } from 'react';
import type { KitchenView } from '../../api/client';
import { useNow } from '../../api/clock';
import { show } from '../../quantities';
import { Figure } from '../../ui/Figure';
import { BareList, Row } from '../../ui/layout';
import { Span, Text } from '../../ui/text';
import { FactSheet, type Sheets } from './FactSheet';
import { FACTS, written, type FactName } from './facts';
import { FactRow } from './kitchen.styles';
import { writingWords } from './WritingFields';

interface Props {
  kitchen: KitchenView;
}
const ERRORS: FactName[] = [
  'scaleErrorKilograms',
  'dipErrorMeters',
  'plateErrorMeters',
  'probeErrorKelvins',
  'brixErrorFraction',
];
const BANDS: FactName[] = [
  'brothyBelowFraction',
  'looseBelowFraction',
  'coatingBelowFraction',
  'tightBelowFraction',
  'veryTightBelowFraction',
];
const SHEETS: Sheets = {
  place: {
    title: 'Where the kitchen stands',
    facts: ['altitudeMeters', 'roomCelsius', 'relativeHumidity'],
  },
  accuracy: { title: 'Accuracy of what it measures with', facts: ERRORS },
  thickness: { title: 'What it calls thick, up to', facts: BANDS },
  writing: { title: 'How it writes things', facts: [] },
};

/** A figure and its unit stay on one line. */
const whole = (settings: KitchenView['settings'], name: FactName) =>
  written(settings, name).replaceAll(' ', '\u00a0');

/** What the kitchen says about itself: read as sentences, changed one at a time. */
export function KitchenFacts({ kitchen }: Props) {
  const [open, setOpen] = useState<keyof Sheets>();
  const { settings } = kitchen;
  const say = (name: FactName) => (
    <>
      {FACTS[name].label} <b>{whole(settings, name)}</b>
    </>
  );
  return (
    <Box component="section" aria-label="About the kitchen">
      <BareList>
        <Fact title="Where it stands" onChange={() => setOpen('place')}>
          <Place kitchen={kitchen} />
        </Fact>
        <Fact title="Accuracy" onChange={() => setOpen('accuracy')}>
          <Listed of={ERRORS} say={say} />
        </Fact>
        <Fact title="What it calls thick, up to" onChange={() => setOpen('thickness')}>
          <Listed of={BANDS} say={say} />
        </Fact>
        <Fact title="How it writes things" onChange={() => setOpen('writing')}>
          {writingWords(settings)}
        </Fact>
      </BareList>
      {open && (
        <FactSheet
          key={open}
          which={open}
          of={SHEETS[open]}
          kitchen={kitchen}
          onClose={() => setOpen(undefined)}
        />
      )}
    </Box>
  );
}

function Place({ kitchen }: Props) {
  const { settings } = kitchen;
  const now = useNow();
  return (
    <>
      <Row gap={3} wrap align="baseline">
        <span>
          <b>{whole(settings, 'altitudeMeters')}</b> above the sea
        </span>
        <Figure
          label="Water boils at"
          shown={show.temperature(kitchen.boilingPointCelsius, settings.units)}
          working={kitchen.workings.find((w) => w.figure === 'boilingPoint')}
        />
      </Row>
      The room is at <b>{whole(settings, 'roomCelsius')}</b>, humidity{' '}
      <b>{whole(settings, 'relativeHumidity')}</b>. It is <b>{show.hour(now, settings.zone)}</b> in{' '}
      {settings.zone}.
    </>
  );
}

function Listed({ of, say }: { of: FactName[]; say: (name: FactName) => ReactNode }) {
  return of.map((name, i) => (
    <Span key={name}>
      {i > 0 && ' · '}
      {say(name)}
    </Span>
  ));
}

interface FactProps {
  title: string;
  onChange: () => void;
  children: ReactNode;
}
function Fact({ title, onChange, children }: FactProps) {
  return (
    <FactRow>
      <div>
        <Text variant="caption" tone="muted">
          {title}
        </Text>
        <Text component="div">{children}</Text>
      </div>
      <Button onClick={onChange} aria-label={`Change: ${title}`}>
        Change
      </Button>
    </FactRow>
  );
}
