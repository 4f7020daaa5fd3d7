import { Box } from '@mui/material';
import { useTheme } from '@mui/material/styles';
import type { FormulaSummary } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Span, Text, type Tone } from '../../ui/text';
import { Card } from './formula.styles';

interface Props {
  formula: FormulaSummary;
  units: Units;
  currency: string;
}

/** One formula on the shelf, with its ribbon in small. */
export function ShelfCard({ formula, units, currency }: Props) {
  return (
    <Card to={`/formulas/${formula.id}`}>
      <SmallRibbon masses={formula.ribbonMassesKilograms} />
      <Box sx={{ minWidth: 0 }}>
        <Text component="h3" bold long>
          {formula.name}
          {formula.own && (
            <Span tone="muted" size="small" plain>
              {' '}
              ours, version {formula.version}
            </Span>
          )}
        </Text>
        <Text tone="muted" size="note">
          {formula.inShort}
        </Text>
        {formula.fault === undefined ? (
          <Text size="note">{facts(formula, units, currency)}</Text>
        ) : (
          <Text role="alert" tone="alarm" size="small">
            cannot be computed: {formula.fault}
          </Text>
        )}
        <Minded formula={formula} />
      </Box>
    </Card>
  );
}

function facts(formula: FormulaSummary, units: Units, currency: string): string {
  const { targetSolidsFraction: target, costPerKilogram: cost } = formula;
  return [
    target === undefined
      ? `makes ${show.text(show.mass(formula.madeMassKilograms, units))}`
      : `${show.text(show.percent(target))} solids`,
    `${show.text(show.percent(formula.saltFraction))} salt`,
    cost === undefined ? '' : `${show.text(show.money(cost, currency))} a kg`,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** What has to be known of it before it is chosen. */
function Minded({ formula }: { formula: FormulaSummary }) {
  const { allergens, asked, unfinished, avoided } = formula;
  const lines: { tone: Tone; words: string }[] = [
    { tone: 'muted', words: allergens.length > 0 ? `carries ${allergens.join(', ')}` : '' },
    { tone: 'muted', words: asked.length > 0 ? `read the packs for ${asked.join(', ')}` : '' },
    { tone: 'warn', words: unfinished ? 'unfinished: lines that nobody has read' : '' },
    {
      tone: 'alarm',
      words:
        avoided.length > 0 ? `this kitchen avoids: ${avoided.map((a) => a.words).join(', ')}` : '',
    },
  ];
  return lines
    .filter((l) => l.words)
    .map((l) => (
      <Text key={l.words} tone={l.tone} size="small" strong={l.tone !== 'muted'}>
        {l.words}
      </Text>
    ));
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
