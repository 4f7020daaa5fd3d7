import { Box, Button } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useFormula } from '../../api/formulas';
import { useKitchen } from '../../api/kitchen';
import { columns } from '../../theme/tokens';
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

/** One formula, read downwards. */
export function FormulaPage() {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const { data: kitchen } = useKitchen();
  const { schools, choose } = useWays(id);
  const version = Number(search.get('version')) || undefined;
  const { data: formula, error } = useFormula(id, schools, version);
  const [leavingOut, setLeavingOut] = useState(false);
  if (!formula || !kitchen)
    return (
      <Page title="Formula" sub="" step="Formula">
        {error && <Note tone="tomato">{error.message}</Note>}
      </Page>
    );
  const { units, currency } = kitchen.settings;
  const sauce = formula.targetSolidsFraction !== undefined;
  const plan = () => void navigate('/plan', { state: { formulaId: id, schools } });
  const acts = (
    <>
      <Button component="a" href={`/api/formulas/${id}/file`} download variant="outlined">
        Send as file
      </Button>
      <Button component={Link} to={`/formulas/${id}/edit`} variant="outlined">
        {formula.own ? 'Change' : 'Make it ours'}
      </Button>
      <Button variant="outlined" onClick={() => setLeavingOut(true)}>
        Make it without…
      </Button>
      {sauce && (
        <Button component={Link} to={`/balance?pot=${id}`} variant="outlined">
          Balance it
        </Button>
      )}
      {sauce && (
        <Button variant="contained" onClick={plan}>
          Plan a batch
        </Button>
      )}
    </>
  );
  return (
    <Page
      title={formula.name}
      sub={`${formula.inShort} · version ${formula.version}${formula.own ? '' : ', shipped'} · for ${list(formula.uses.map((u) => USES[u]))}`}
      step="Formula"
      acts={acts}
    >
      {formula.unread.length > 0 && (
        <Note tone="tomato">
          Unfinished: {formula.unread.map((line) => `‘${line}’`).join(', ')}{' '}
          {formula.unread.length === 1 ? 'is' : 'are'} not read. It can be read and priced in part,
          and is not cooked until each is answered or dropped:{' '}
          <Link to={`/formulas/${id}/edit`}>open the editor</Link>.
        </Note>
      )}
      {formula.version < formula.latestVersion && (
        <Note>
          This is version {formula.version}.{' '}
          <Link to={`/formulas/${id}`}>Version {formula.latestVersion}</Link> is the latest.
        </Note>
      )}
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.formula, gap: 3.5 }}>
        <Box sx={{ minWidth: 0, display: 'flex', flexDirection: 'column', gap: 1.5 }}>
          {formula.analysis.warnings.map((w) => (
            <Note key={w.code + w.text}>{w.text}</Note>
          ))}
          <Ribbon formula={formula} units={units} />
          <PutAway formula={formula} version={version} />
        </Box>
        <Box sx={{ display: 'flex', flexDirection: 'column', gap: 2.5, minWidth: 0 }}>
          <Comes
            analysis={formula.analysis}
            target={formula.targetSolidsFraction}
            units={units}
            currency={currency}
          />
          <Schools formula={formula} onChoose={choose} units={units} currency={currency} />
        </Box>
      </Box>
      {leavingOut && (
        <WithoutSheet formula={formula} units={units} onClose={() => setLeavingOut(false)} />
      )}
    </Page>
  );
}
