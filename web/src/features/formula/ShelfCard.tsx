import { Box, Typography } from '@mui/material';
import { useTheme } from '@mui/material/styles';
import { Link } from 'react-router';
import type { FormulaSummary } from '../../api/client';
import { show, type Units } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';

/** One formula on the shelf, with its ribbon in small. */
export function ShelfCard({
  formula,
  units,
  currency,
}: {
  formula: FormulaSummary;
  units: Units;
  currency: string;
}) {
  const cost = formula.costPerKilogram;
  const facts = [
    formula.targetSolidsFraction === undefined
      ? `makes ${show.text(show.mass(formula.madeMassKilograms, units))}`
      : `${show.text(show.percent(formula.targetSolidsFraction))} solids`,
    `${show.text(show.percent(formula.saltFraction))} salt`,
    ...(cost === undefined ? [] : [`${show.text(show.money(cost, currency))} a kg`]),
  ];
  return (
    <Box
      component={Link}
      to={`/formulas/${formula.id}`}
      sx={{
        display: 'grid',
        gridTemplateColumns: columns.card,
        gap: 1.25,
        py: 1.1,
        borderTop: 1,
        borderColor: 'divider',
        textDecoration: 'none',
        color: 'text.primary',
        '&:hover h3': { textDecoration: 'underline', textUnderlineOffset: 3 },
      }}
    >
      <SmallRibbon masses={formula.ribbonMassesKilograms} />
      <Box sx={{ minWidth: 0 }}>
        <Typography component="h3" sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>
          {formula.name}
          {formula.own && (
            <Box
              component="span"
              sx={{ fontWeight: 500, fontSize: sizes.small, color: 'text.secondary' }}
            >
              {' '}
              ours, version {formula.version}
            </Box>
          )}
        </Typography>
        <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>
          {formula.inShort}
        </Typography>
        {formula.fault === undefined ? (
          <Typography sx={{ fontSize: sizes.note }}>{facts.join(' · ')}</Typography>
        ) : (
          <Typography role="alert" sx={{ fontSize: sizes.small, color: 'error.main' }}>
            cannot be computed: {formula.fault}
          </Typography>
        )}
        {formula.allergens.length > 0 && (
          <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
            carries {formula.allergens.join(', ')}
          </Typography>
        )}
        {formula.asked.length > 0 && (
          <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
            read the packs for {formula.asked.join(', ')}
          </Typography>
        )}
        {formula.unfinished && (
          <Typography sx={{ fontSize: sizes.small, color: 'warning.main', fontWeight: 600 }}>
            unfinished: lines that nobody has read
          </Typography>
        )}
        {formula.avoided.length > 0 && (
          <Typography sx={{ fontSize: sizes.small, color: 'error.main', fontWeight: 600 }}>
            this kitchen avoids: {formula.avoided.map((a) => a.words).join(', ')}
          </Typography>
        )}
      </Box>
    </Box>
  );
}

const WIDE = 34;
const TALL = 60;

function SmallRibbon({ masses }: { masses: number[] }) {
  const { palette } = useTheme().vars;
  const most = Math.max(...masses, 0.001);
  const at = (i: number) => (masses.length < 2 ? 0 : (i / (masses.length - 1)) * TALL);
  const half = (kg: number) => Math.max(0.8, (kg / most) * (WIDE / 2));
  const right = masses.map((kg, i) => `L${WIDE / 2 + half(kg)} ${at(i)}`).join(' ');
  const left = masses
    .map((kg, i) => `L${WIDE / 2 - half(kg)} ${at(i)}`)
    .toReversed()
    .join(' ');
  return (
    <svg viewBox={`0 0 ${WIDE} ${TALL}`} width={WIDE} height={TALL} aria-hidden>
      <path d={`M${WIDE / 2} 0 ${right} ${left} Z`} fill={palette.kitchen.sauce1} />
    </svg>
  );
}
