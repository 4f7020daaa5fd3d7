import { Box, Button, Typography } from '@mui/material';
import { memo } from 'react';
import type { BalanceView, DoseView } from '../../api/client';
import type { Units } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { ShowWorking } from '../../ui/ShowWorking';
import { doseText } from './effects';

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
  const cell = { fontSize: sizes.note };
  return (
    <Box component="section" aria-label="What deepens it">
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline' }}>
        <Typography variant="h2">What deepens it, fairly compared</Typography>
        {working && <ShowWorking working={working} title="Savoury" words="how" />}
      </Box>
      <Typography sx={{ color: 'text.secondary', fontSize: sizes.note }}>
        Left: as much sodium as 0.2 % salt brings. Right: 30 % more savoury than it will be. A
        school is a matter of taste; the figures are not.
      </Typography>
      <Box role="table" aria-label="Savoury helpers" sx={{ mt: 0.75 }}>
        <Box
          role="row"
          sx={{
            display: { xs: 'none', sm: 'grid' },
            gridTemplateColumns: columns.deepens,
            columnGap: 1,
          }}
        >
          {['what', 'at equal sodium', 'at equal savour'].map((head) => (
            <Typography
              key={head}
              role="columnheader"
              variant="caption"
              sx={{ color: 'text.secondary' }}
            >
              {head}
            </Typography>
          ))}
        </Box>
        {balance.sources.map(({ atEqualSodium: a, atEqualSavour: b }) => (
          <Box
            role="row"
            key={a.name}
            sx={{
              display: 'grid',
              gridTemplateColumns: columns.deepens,
              columnGap: 1,
              borderTop: 1,
              borderColor: 'divider',
              py: 0.4,
            }}
          >
            <Box role="cell">
              <Typography sx={{ fontWeight: 600 }}>{a.name}</Typography>
              <Typography sx={{ ...cell, color: a.avoided ? 'error.main' : 'text.secondary' }}>
                {a.avoided ? 'this kitchen leaves it out' : a.allergens.join(', ')}
              </Typography>
            </Box>
            <Typography role="cell" sx={cell}>
              {a.reaches ? (
                <>
                  <b>{doseText(a.massKilograms, units)}</b>, savoury {a.after.savoury.toFixed(1)}
                </>
              ) : (
                'more than is sensible'
              )}
            </Typography>
            <Typography role="cell" sx={cell}>
              {savoured(b, units)}
            </Typography>
          </Box>
        ))}
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
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
      </Box>
      <Typography sx={{ color: 'text.secondary', fontSize: sizes.note, mt: 0.5 }}>
        {[sodium, savour]
          .map((side) => side.map((d) => d.name.toLowerCase()).join(', '))
          .filter(Boolean)
          .join(' · ')}
        ; each beside the pot as it is.
      </Typography>
    </Box>
  );
});

/** A table puts four cups in order: the pot as it is, and the first three that the kitchen does not leave out. */
const tasted = (doses: DoseView[]): DoseView[] =>
  doses
    .filter((d) => d.reaches && !d.avoided && d.ingredientId !== undefined && d.massKilograms > 0)
    .slice(0, 3);

const savoured = (dose: DoseView, units: Units) =>
  dose.reaches ? (
    <>
      <b>{doseText(dose.massKilograms, units)}</b>, salt{' '}
      {(dose.after.saltFraction * 100).toFixed(2)} %
    </>
  ) : (
    'more than is sensible'
  );
