import { Box, Button, Typography } from '@mui/material';
import { useMemo, type ReactNode } from 'react';
import type { BalanceView, IngredientView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { columns, faces, sizes } from '../../theme/tokens';
import { GoodsField } from '../../ui/GoodsField';
import { ShowWorking } from '../../ui/ShowWorking';
import { Pick, TextLine } from '../../ui/fields';
import { doseText } from './effects';
import type { AmountText, BalanceForm } from './form';

const MOSTLY_SALT = 0.5;
const SUGGESTED: (AmountText & { words: string })[] = [
  { ingredientId: 'hard-cheese', text: '8 g', words: 'hard cheese' },
  { ingredientId: 'pasta-water-strong', text: '25 g', words: 'strong pasta water' },
  { ingredientId: 'pasta-water', text: '25 g', words: 'mild pasta water' },
  { ingredientId: 'pasta-water-plain', text: '25 g', words: 'pasta water without salt' },
];

interface Props {
  form: BalanceForm;
  balance: BalanceView;
  goods: IngredientView[];
  units: Units;
  faultAt: (field: string) => string | undefined;
  change: (to: Partial<BalanceForm>) => void;
}

/** Where the salt comes from, what still comes, and the doses that land in the band. */
export function SaltLedger({ form, balance, goods, units, faultAt, change }: Props) {
  const { ledger: l } = balance;
  const salts = useMemo(
    () =>
      goods
        .filter((g) => !g.retired && g.content.saltFraction > MOSTLY_SALT && g.id !== 'baking-soda')
        .map((g) => [g.id, g.content.name] as const),
    [goods],
  );
  const working = balance.workings.find((w) => w.figure === 'salt');
  const heldBack = l.heldBackKilograms > 1e-5;
  return (
    <Box component="section" aria-label="Salt ledger">
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline' }}>
        <Typography variant="h2">Salt, and what still comes</Typography>
        {working && <ShowWorking working={working} title="Salt" words="how" />}
      </Box>
      <Rows head="in the pot" rows={l.in} />
      <Rows head="still to come" rows={l.toCome} />
      <Sum name="as it is" share={l.nowFraction} />
      <Sum name="when it is reduced" share={l.reducedFraction} />
      <Sum
        name="on the table"
        share={l.likelyFraction}
        note={`${(l.lowFraction * 100).toFixed(2)} to ${(l.highFraction * 100).toFixed(2)} % as goods vary`}
        strong
      />
      <Box sx={{ maxWidth: sizes.cupField, mt: 1 }}>
        <TextLine
          label="Sauce on each plate"
          text={form.portion}
          placeholder="as planned"
          onText={(portion) => change({ portion })}
          fault={faultAt('portion')}
        />
      </Box>
      <Typography sx={{ mt: 0.5 }}>
        Sodium of a portion <b>{Math.round(l.sodiumKilograms * 1e6)} mg</b>,{' '}
        {Math.round(l.sodiumLowKilograms * 1e6)} to {Math.round(l.sodiumHighKilograms * 1e6)} mg.
        {l.lessSaltFraction > 0.01 && (
          <>
            {' '}
            Its savour would bear about {Math.round(l.lessSaltFraction * 100)} % less salt: a rule
            of thumb.
          </>
        )}
      </Typography>
      <Box sx={{ bgcolor: 'kitchen.basilSoft', borderRadius: 1, p: 1.5, mt: 1 }}>
        {l.firstDoseKilograms < 1e-5 && !heldBack ? (
          <Typography>No more salt: it has what this style likes, or soon will.</Typography>
        ) : (
          <Typography>
            <b>{doseText(l.firstDoseKilograms, units)}</b> (
            {show.text(show.spoons(l.firstDoseCubicMeters))}) now is safe even if cans and cheese
            are on the salty side
            {heldBack && (
              <>
                ; hold back <b>{doseText(l.heldBackKilograms, units)}</b> (
                {show.text(show.spoons(l.heldBackCubicMeters))}) for the tasting at the end
              </>
            )}
            .
          </Typography>
        )}
        <Pick
          label="The salt in use"
          value={form.saltId}
          options={salts}
          onPick={(saltId) => change({ saltId })}
        />
      </Box>
      <Plate form={form} goods={goods} faultAt={faultAt} change={change} />
    </Box>
  );
}

function Rows({ head, rows }: { head: string; rows: BalanceView['ledger']['in'] }) {
  if (rows.length === 0) return null;
  return (
    <Box
      component="ul"
      aria-label={`Salt ${head}`}
      sx={{ listStyle: 'none', p: 0, m: 0, mt: 0.75 }}
    >
      <Typography component="li" variant="caption" sx={{ color: 'text.secondary' }}>
        {head}
      </Typography>
      {rows.slice(0, 7).map((r) => (
        <Line
          key={r.name}
          name={r.name}
          value={`${show.significant(r.saltKilograms * 1000, 2)} g`}
          note={
            r.rangeKilograms > 0.1 * r.saltKilograms
              ? `± ${show.significant(r.rangeKilograms * 1000, 1)} g`
              : ''
          }
        />
      ))}
    </Box>
  );
}

function Line({ name, value, note }: { name: string; value: ReactNode; note: string }) {
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: columns.ledger,
        borderBottom: 1,
        borderColor: 'divider',
        py: 0.25,
      }}
    >
      <Typography sx={{ overflowWrap: 'anywhere' }}>{name}</Typography>
      <Typography sx={{ textAlign: 'right', color: 'text.secondary', fontSize: sizes.note }}>
        {note}
      </Typography>
      <Typography sx={{ textAlign: 'right', fontWeight: 600 }}>{value}</Typography>
    </Box>
  );
}

function Sum({
  name,
  share,
  note = '',
  strong = false,
}: {
  name: string;
  share: number;
  note?: string;
  strong?: boolean;
}) {
  return (
    <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', py: 0.2 }}>
      <Typography sx={{ flex: 1, fontWeight: strong ? 700 : 400 }}>
        {name}{' '}
        <Box
          component="span"
          sx={{ color: 'text.secondary', fontSize: sizes.note, fontWeight: 400 }}
        >
          {note}
        </Box>
      </Typography>
      <Typography
        sx={{
          fontFamily: faces.figures,
          fontWeight: 700,
          fontSize: strong ? sizes.step : sizes.lead,
        }}
      >
        {(share * 100).toFixed(2)} %
      </Typography>
    </Box>
  );
}

/** What meets the sauce on each plate, and brings salt and savour of its own. */
function Plate({ form, goods, faultAt, change }: Pick4) {
  const put = (place: number, to: Partial<AmountText>) =>
    change({ plate: form.plate.map((line, i) => (i === place ? { ...line, ...to } : line)) });
  const open = SUGGESTED.filter(
    (s) => !form.plate.some((line) => line.ingredientId === s.ingredientId),
  );
  return (
    <Box sx={{ mt: 1.5 }}>
      <Typography variant="caption" sx={{ color: 'text.secondary' }}>
        What meets it on each plate
      </Typography>
      {form.plate.map((line, i) => (
        <Box
          key={i}
          sx={{ display: 'grid', gridTemplateColumns: columns.plate, gap: 1, alignItems: 'end' }}
        >
          <GoodsField
            goods={goods}
            chosen={goods.find((g) => g.id === line.ingredientId)}
            onChoose={(ingredientId) => put(i, { ingredientId })}
            fault={undefined}
          />
          <TextLine
            label={`How much on each plate, ${i + 1}`}
            hidden
            text={line.text}
            onText={(text) => put(i, { text })}
            fault={faultAt(`plate.${i}`)}
          />
          <Button
            size="small"
            onClick={() => change({ plate: form.plate.filter((_, at) => at !== i) })}
            aria-label={`Leave out line ${i + 1} of the plate`}
          >
            Leave out
          </Button>
        </Box>
      ))}
      <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', mt: 0.75 }}>
        {open.map(({ words, ...line }) => (
          <Button
            key={words}
            size="small"
            variant="outlined"
            onClick={() => change({ plate: [...form.plate, line] })}
          >
            + {words}
          </Button>
        ))}
        <Button
          size="small"
          variant="outlined"
          onClick={() =>
            change({ plate: [...form.plate, { ingredientId: 'capers', text: '5 g' }] })
          }
        >
          + something else
        </Button>
      </Box>
    </Box>
  );
}
type Pick4 = Omit<Props, 'balance' | 'units'>;
