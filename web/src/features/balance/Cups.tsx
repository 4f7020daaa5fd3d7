import { Box, Button } from '@mui/material';
import type { BalanceView, CupDoseView } from '../../api/client';
import { said, show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { TextLine } from '../../ui/fields';
import { doseText, measureWords, shortName, solutionWords } from './effects';
import type { BalanceForm, CupText } from './form';
import { Row } from '../../ui/layout';
import { list } from '../../ui/list';
import { Text } from '../../ui/text';
import { CupGrid, CupItem, RemoveCorner } from './balance.styles';

interface Props {
  form: BalanceForm;
  balance: BalanceView;
  units: Units;
  faultAt: (field: string) => string | undefined;
  change: (to: Partial<BalanceForm>) => void;
}

/** Doses side by side in cups that a kitchen can measure; the pot gets what the chosen cup got. */
export function Cups({ form, balance, units, faultAt, change }: Props) {
  const put = (key: string, to: Partial<CupText>) =>
    change({ cups: form.cups.map((c) => (c.key === key ? { ...c, ...to } : c)) });
  return (
    <Box component="section" aria-label="Try it in a cup first">
      <Row gap={2} align="end" wrap sx={{ mb: 1 }}>
        <Text variant="h2" sx={{ flex: 1 }}>
          Try it in a cup first
        </Text>
        <Box sx={{ width: sizes.cupField }}>
          <TextLine
            label="Each cup from the pot"
            text={form.cup}
            onText={(cup) => change({ cup })}
            fault={faultAt('cup')}
          />
        </Box>
        <Box sx={{ width: sizes.cupField }}>
          <TextLine
            label="Tasters"
            text={form.tasters}
            onText={(tasters) => change({ tasters })}
            fault={faultAt('tasters')}
          />
        </Box>
      </Row>
      <CupGrid>
        {form.cups.map((c, i) => (
          <Cup
            key={c.key}
            cup={c}
            doses={balance.cups[i] ?? []}
            chosen={form.chosen === c.key}
            units={units}
            onNote={(note) => put(c.key, { note })}
            onChoose={() => change({ chosen: c.key })}
            {...(i === 0
              ? {}
              : { onAway: () => change({ cups: form.cups.filter((o) => o.key !== c.key) }) })}
          />
        ))}
      </CupGrid>
      <Text tone="muted" size="note" sx={{ mt: 0.75 }}>
        {form.cups.length === 1
          ? 'Choose ‘To a cup’ beside what might help: each becomes a cup beside the pot as it is.'
          : 'Each taste from a clean spoon, all cups equally warm, water between. A drop is 0.05 ml.'}
      </Text>
    </Box>
  );
}

interface CupProps {
  cup: CupText;
  doses: CupDoseView[];
  chosen: boolean;
  units: Units;
  onNote: (note: string) => void;
  onChoose: () => void;
  onAway?: () => void;
}

function Cup({ cup, doses, chosen, units, onNote, onChoose, onAway }: CupProps) {
  const asItIs = cup.doses.length === 0;
  const name = asItIs ? 'as it is' : list(cup.doses.map((d) => d.name.toLowerCase()));
  return (
    <CupItem chosen={chosen}>
      {onAway && (
        <RemoveCorner size="small" onClick={onAway} aria-label={`Pour away ${name}`}>
          ×
        </RemoveCorner>
      )}
      {asItIs && (
        <>
          <Text size="lead" bold>
            as it is
          </Text>
          <Text tone="muted" size="note">
            nothing added
          </Text>
        </>
      )}
      {doses.map((d) => (
        <Dose key={d.ingredientId} dose={d} units={units} />
      ))}
      <TextLine
        label={`Taste of ${name}`}
        hidden
        placeholder="how it tastes"
        text={cup.note}
        onText={onNote}
      />
      <Row gap={0.5} wrap sx={{ mt: 'auto' }}>
        <Button
          size="small"
          variant={chosen ? 'contained' : 'outlined'}
          color={chosen ? 'success' : 'primary'}
          onClick={onChoose}
          aria-pressed={chosen}
          aria-label={`Choose ${name}`}
        >
          {chosen ? 'chosen' : 'Choose'}
        </Button>
      </Row>
    </CupItem>
  );
}

/** What is measured into the cup, and what that is for the pot. */
function Dose({ dose: d, units }: { dose: CupDoseView; units: Units }) {
  const what = d.solution === undefined ? d.name.toLowerCase() : `${shortName(d.name)} water`;
  const pot = `pot: ${doseText(d.forPotKilograms, units)}`;
  return (
    <div>
      <Text size="lead" bold long sx={{ pr: 2.5 }}>
        {d.tooSmall ? d.name : `${measureWords(d)} ${what}`}
      </Text>
      <Text
        tone={d.tooSmall ? 'alarm' : 'muted'}
        size="note"
        role={d.tooSmall ? 'alert' : undefined}
      >
        {d.tooSmall ? said(d.tooSmall) : [solutionWords(d), pot].filter(Boolean).join(' · ')}
      </Text>
    </div>
  );
}

export const cupName = (cup: CupText): string =>
  cup.doses.length === 0
    ? 'as it is'
    : list(
        cup.doses.map(
          (d) => `${show.significant(d.massKilograms * 1000, 2)} g ${d.name.toLowerCase()}`,
        ),
      );
