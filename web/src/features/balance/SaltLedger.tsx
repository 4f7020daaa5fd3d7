import { Box } from '@mui/material';
import { useMemo, type ReactNode } from 'react';
import type { BalanceView, IngredientView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { ShowWorking } from '../../ui/ShowWorking';
import { Pick as PickField, TextLine } from '../../ui/fields';
import { doseText } from './effects';
import { Plate } from './Plate';
import type { BalanceForm } from './form';
import { BareList, Row, Well } from '../../ui/layout';
import { Text, Span } from '../../ui/text';
import { LedgerRow } from './balance.styles';

const MOSTLY_SALT = 0.5;
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
  const working = balance.workings.find((w) => w.figure === 'salt');
  return (
    <Box component="section" aria-label="Salt ledger">
      <Row gap={1.5} align="baseline">
        <Text variant="h2">Salt, and what still comes</Text>
        {working && <ShowWorking working={working} title="Salt" words="how" />}
      </Row>
      <Rows head="in the pot" rows={l.in} />
      <Rows head="still to come" rows={l.toCome} />
      <Sum name="as it is" share={l.nowFraction} />
      <Sum name="when it is reduced" share={l.reducedFraction} />
      <Sum
        name="on the table"
        share={l.likelyFraction}
        note={`${show.fixed(l.lowFraction * 100, 2)} to ${show.fixed(l.highFraction * 100, 2)} % as goods vary`}
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
      <Text sx={{ mt: 0.5 }}>
        Sodium of a portion <b>{Math.round(l.sodiumKilograms * 1e6)} mg</b>,{' '}
        {Math.round(l.sodiumLowKilograms * 1e6)} to {Math.round(l.sodiumHighKilograms * 1e6)} mg.
        {l.lessSaltFraction > 0.01 && (
          <>
            {' '}
            Its savour would bear about {Math.round(l.lessSaltFraction * 100)} % less salt: a rule
            of thumb.
          </>
        )}
      </Text>
      <SaltNow form={form} ledger={l} goods={goods} units={units} change={change} />
      <Plate form={form} goods={goods} faultAt={faultAt} change={change} />
    </Box>
  );
}

interface SaltProps extends Pick<Props, 'form' | 'goods' | 'units' | 'change'> {
  ledger: BalanceView['ledger'];
}
/** How much salt is safe now, and how much waits for the tasting. */
function SaltNow({ form, ledger: l, goods, units, change }: SaltProps) {
  const salts = useMemo(
    () =>
      goods
        .filter((g) => !g.retired && g.content.saltFraction > MOSTLY_SALT && g.id !== 'baking-soda')
        .map((g) => [g.id, g.content.name] as const),
    [goods],
  );
  const heldBack = l.heldBackKilograms > 1e-5;
  return (
    <Well on="good" sx={{ mt: 1 }}>
      {l.firstDoseKilograms < 1e-5 && !heldBack ? (
        <Text>No more salt: it has what this style likes, or soon will.</Text>
      ) : (
        <Text>
          <b>{doseText(l.firstDoseKilograms, units)}</b> (
          {show.text(show.spoons(l.firstDoseCubicMeters))}) now is safe even if cans and cheese are
          on the salty side
          {heldBack && (
            <>
              ; hold back <b>{doseText(l.heldBackKilograms, units)}</b> (
              {show.text(show.spoons(l.heldBackCubicMeters))}) for the tasting at the end
            </>
          )}
          .
        </Text>
      )}
      <PickField
        label="The salt in use"
        value={form.saltId}
        options={salts}
        onPick={(saltId) => change({ saltId })}
      />
    </Well>
  );
}

function Rows({ head, rows }: { head: string; rows: BalanceView['ledger']['in'] }) {
  if (rows.length === 0) return null;
  return (
    <BareList aria-label={`Salt ${head}`} sx={{ mt: 0.75 }}>
      <Text component="li" variant="caption" tone="muted">
        {head}
      </Text>
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
    </BareList>
  );
}

function Line({ name, value, note }: { name: string; value: ReactNode; note: string }) {
  return (
    <LedgerRow>
      <Text long>{name}</Text>
      <Text tone="muted" size="note" end>
        {note}
      </Text>
      <Text strong end>
        {value}
      </Text>
    </LedgerRow>
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
    <Row align="baseline" sx={{ py: 0.2 }}>
      <Text bold={strong} sx={{ flex: 1 }}>
        {name}{' '}
        <Span tone="muted" size="note" sx={{ fontWeight: 400 }}>
          {note}
        </Span>
      </Text>
      <Text size={strong ? 'step' : 'lead'} figures>
        {show.fixed(share * 100, 2)} %
      </Text>
    </Row>
  );
}
