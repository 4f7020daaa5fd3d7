import { Button } from '@mui/material';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { FormulaView, School } from '../../api/client';
import { useFormula } from '../../api/formulas';
import { useKitchen } from '../../api/kitchen';
import { Note } from '../../ui/Note';
import { list } from '../../ui/list';
import { Page } from '../../ui/Page';
import { Comes } from './Comes';
import { PutAway } from './PutAway';
import { Ribbon } from './Ribbon';
import { Schools } from './Schools';
import { useWays } from './useWays';
import { USES } from './words';
import { WithoutSheet } from './WithoutSheet';
import { Column } from '../../ui/layout';
import { FormulaGrid } from './formula.styles';
import { Pending } from '../../ui/Pending';

/** One formula, read downwards. */
export function FormulaPage() {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const { data: kitchen } = useKitchen();
  const { schools, choose } = useWays(id);
  const version = Number(search.get('version')) || undefined;
  const { data: formula, error } = useFormula(id, schools, version);
  const [leavingOut, setLeavingOut] = useState(false);
  if (!formula || !kitchen)
    return <Pending title="Formula" step="Formula" shape="columns" error={error} />;
  const { units, currency } = kitchen.settings;
  const shipped = formula.own ? '' : ', shipped';
  return (
    <Page
      title={formula.name}
      sub={`${formula.inShort} · version ${formula.version}${shipped} · for ${list(formula.uses.map((u) => USES[u]))}`}
      step="Formula"
      job={{ formulaId: id, schools }}
      acts={
        <FormulaActs formula={formula} schools={schools} onWithout={() => setLeavingOut(true)} />
      }
    >
      <Standing formula={formula} />
      <FormulaGrid>
        <Column gap={1.5}>
          {formula.analysis.warnings.map((w) => (
            <Note key={w.code + w.text}>{w.text}</Note>
          ))}
          <Ribbon formula={formula} units={units} />
          <PutAway formula={formula} version={version} />
        </Column>
        <Column gap={2.5}>
          <Comes
            analysis={formula.analysis}
            target={formula.targetSolidsFraction}
            units={units}
            currency={currency}
          />
          <Schools formula={formula} onChoose={choose} units={units} currency={currency} />
        </Column>
      </FormulaGrid>
      {leavingOut && (
        <WithoutSheet formula={formula} units={units} onClose={() => setLeavingOut(false)} />
      )}
    </Page>
  );
}

interface ActsProps {
  formula: FormulaView;
  schools: School[];
  onWithout: () => void;
}
function FormulaActs({ formula, schools, onWithout }: ActsProps) {
  const { id, own, targetSolidsFraction } = formula;
  return (
    <>
      <Button component="a" href={`/api/formulas/${id}/file`} download variant="outlined">
        Send as file
      </Button>
      <Button component={Link} to={`/formulas/${id}/edit`} variant="outlined">
        {own ? 'Change' : 'Make it ours'}
      </Button>
      <Button variant="outlined" onClick={onWithout}>
        Make it without…
      </Button>
      {targetSolidsFraction !== undefined && (
        <>
          <Button component={Link} to={`/balance?pot=${id}`} variant="outlined">
            Balance it
          </Button>
          <Button
            component={Link}
            to="/plan"
            state={{ formulaId: id, schools }}
            variant="contained"
          >
            Plan a batch
          </Button>
        </>
      )}
    </>
  );
}

/** Whether it is finished, and the latest of its versions. */
function Standing({ formula }: { formula: FormulaView }) {
  const { id, unread, version, latestVersion } = formula;
  return (
    <>
      {unread.length > 0 && (
        <Note tone="tomato">
          Unfinished: {unread.map((line) => `‘${line}’`).join(', ')}{' '}
          {unread.length === 1 ? 'is' : 'are'} not read. It can be read and priced in part, and is
          not cooked until each is answered or dropped:{' '}
          <Link to={`/formulas/${id}/edit`}>open the editor</Link>.
        </Note>
      )}
      {version < latestVersion && (
        <Note>
          This is version {version}. <Link to={`/formulas/${id}`}>Version {latestVersion}</Link> is
          the latest.
        </Note>
      )}
    </>
  );
}
