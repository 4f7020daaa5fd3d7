import { Box, Button } from '@mui/material';
import { memo } from 'react';
import type { BalanceView, DoseView } from '../../api/client';
import type { Units } from '../../quantities';
import { ShowWorking } from '../../ui/ShowWorking';
import { doseText } from './effects';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { DeepensHead, DeepensRow } from './balance.styles';
import { show } from '../../quantities';

interface Props {
  balance: BalanceView;
  units: Units;
  onCups: (doses: DoseView[]) => void;
}

/** What deepens a sauce, side by side so that a comparison is fair; either side becomes cups by one press. */
export const Deepens = memo(function Deepens({ balance, units, onCups }: Props) {
  const sodium = tasted(balance.sources.map((s) => s.atEqualSodium));
  const savour = tasted(balance.sources.map((s) => s.atEqualSavour));
  const working = balance.workings.find((w) => w.figure === 'savoury');
  const names = (side: DoseView[]) => side.map((d) => d.name.toLowerCase()).join(', ');
  return (
    <Box component="section" aria-label="What deepens it">
      <Row gap={1.5} align="baseline">
        <Text variant="h2">What deepens it, fairly compared</Text>
        {working && <ShowWorking working={working} title="Savoury" words="how" />}
      </Row>
      <Text tone="muted" size="note">
        Left: as much sodium as 0.2 % salt brings. Right: 30 % more savoury than it will be. A
        school is a matter of taste; the figures are not.
      </Text>
      <Helpers sources={balance.sources} units={units} />
      <Row wrap sx={{ mt: 1 }}>
        {sodium.length > 0 && (
          <Button variant="outlined" onClick={() => onCups(sodium)}>
            Cups at equal sodium
          </Button>
        )}
        {savour.length > 0 && (
          <Button variant="outlined" onClick={() => onCups(savour)}>
            Cups at equal savour
          </Button>
        )}
      </Row>
      <Text tone="muted" size="note" sx={{ mt: 0.5 }}>
        {[sodium, savour].map(names).filter(Boolean).join(' · ')}; each beside the pot as it is.
      </Text>
    </Box>
  );
});

function Helpers({ sources, units }: { sources: BalanceView['sources']; units: Units }) {
  return (
    <Box role="table" aria-label="Savoury helpers" sx={{ mt: 0.75 }}>
      <DeepensHead role="row">
        {['what', 'at equal sodium', 'at equal savour'].map((head) => (
          <Text key={head} role="columnheader" variant="caption" tone="muted">
            {head}
          </Text>
        ))}
      </DeepensHead>
      {sources.map(({ atEqualSodium: a, atEqualSavour: b }) => (
        <DeepensRow role="row" key={a.name}>
          <div role="cell">
            <Text strong>{a.name}</Text>
            <Text size="note" tone={a.avoided ? 'alarm' : 'muted'}>
              {a.avoided ? 'this kitchen leaves it out' : a.allergens.join(', ')}
            </Text>
          </div>
          <Text role="cell" size="note">
            {dosed(a, units, `savoury ${show.fixed(a.after.savoury, 1)}`)}
          </Text>
          <Text role="cell" size="note">
            {dosed(b, units, `salt ${show.fixed(b.after.saltFraction * 100, 2)} %`)}
          </Text>
        </DeepensRow>
      ))}
    </Box>
  );
}

/** A table puts four cups in order: the pot as it is, and the first three that the kitchen does not leave out. */
const tasted = (doses: DoseView[]): DoseView[] =>
  doses
    .filter((d) => d.reaches && !d.avoided && d.ingredientId !== undefined && d.massKilograms > 0)
    .slice(0, 3);

const dosed = (dose: DoseView, units: Units, comesTo: string) =>
  dose.reaches ? (
    <>
      <b>{doseText(dose.massKilograms, units)}</b>, {comesTo}
    </>
  ) : (
    'more than is sensible'
  );
