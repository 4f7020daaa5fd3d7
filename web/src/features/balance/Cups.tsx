import { Box, Button, IconButton, Typography } from '@mui/material';
import type { BalanceView, CupDoseView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { TextLine } from '../../ui/fields';
import { doseText, measureWords, shortName, solutionWords } from './effects';
import type { BalanceForm, CupText } from './form';

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
      <Box sx={{ display: 'flex', gap: 2, alignItems: 'flex-end', flexWrap: 'wrap', mb: 1 }}>
        <Typography variant="h2" sx={{ flex: 1 }}>
          Try it in a cup first
        </Typography>
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
      </Box>
      <Box
        component="ul"
        sx={{
          listStyle: 'none',
          p: 0,
          m: 0,
          display: 'grid',
          gridTemplateColumns: columns.cups,
          gap: 1.25,
        }}
      >
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
      </Box>
      <Typography sx={{ color: 'text.secondary', fontSize: sizes.note, mt: 0.75 }}>
        {form.cups.length === 1
          ? 'Choose ‘To a cup’ beside what might help: each becomes a cup beside the pot as it is.'
          : 'Each taste from a clean spoon, all cups equally warm, water between. A drop is 0.05 ml.'}
      </Typography>
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
  const name = asItIs ? 'as it is' : cup.doses.map((d) => d.name.toLowerCase()).join(' and ');
  return (
    <Box
      component="li"
      sx={{
        bgcolor: 'background.default',
        border: 2,
        borderColor: chosen ? 'success.main' : 'transparent',
        borderRadius: 1.25,
        p: 1.5,
        display: 'flex',
        flexDirection: 'column',
        gap: 0.5,
        minWidth: 0,
        position: 'relative',
      }}
    >
      {onAway && (
        <IconButton
          size="small"
          onClick={onAway}
          aria-label={`Pour away ${name}`}
          sx={{ position: 'absolute', top: 4, right: 4 }}
        >
          ×
        </IconButton>
      )}
      {asItIs && (
        <>
          <Typography sx={{ fontWeight: 700, fontSize: sizes.lead }}>as it is</Typography>
          <Typography sx={{ color: 'text.secondary', fontSize: sizes.note }}>
            nothing added
          </Typography>
        </>
      )}
      {doses.map((d) => (
        <Box key={d.ingredientId}>
          <Typography
            sx={{
              fontWeight: 700,
              fontSize: sizes.lead,
              lineHeight: 1.2,
              overflowWrap: 'anywhere',
              pr: 2.5,
            }}
          >
            {d.tooSmall
              ? d.name
              : `${measureWords(d)} ${d.solution === undefined ? d.name.toLowerCase() : `${shortName(d.name)} water`}`}
          </Typography>
          <Typography
            sx={{ color: d.tooSmall ? 'error.main' : 'text.secondary', fontSize: sizes.note }}
            role={d.tooSmall ? 'alert' : undefined}
          >
            {d.tooSmall ??
              [solutionWords(d), `pot: ${doseText(d.forPotKilograms, units)}`]
                .filter(Boolean)
                .join(' · ')}
          </Typography>
        </Box>
      ))}
      <TextLine
        label={`Taste of ${name}`}
        hidden
        placeholder="how it tastes"
        text={cup.note}
        onText={onNote}
      />
      <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap', mt: 'auto' }}>
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
      </Box>
    </Box>
  );
}

export const cupName = (cup: CupText): string =>
  cup.doses.length === 0
    ? 'as it is'
    : cup.doses
        .map((d) => `${show.significant(d.massKilograms * 1000, 2)} g ${d.name.toLowerCase()}`)
        .join(' and ');
