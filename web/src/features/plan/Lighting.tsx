import { Link } from 'react-router';
import type { FormulaSummary, KitchenView } from '../../api/client';
import { useNow } from '../../api/clock';
import { show } from '../../quantities';
import { Note } from '../../ui/Note';
import { Column } from '../../ui/layout';
import { NotLit } from './NotLit';
import { StartNote } from './StartNote';
import { StillToLight } from './StillToLight';
import type { PlanForm } from './form';
import type { useLighting } from './useLighting';

const MINUTE_MS = 60_000;

interface Props {
  kitchen: KitchenView;
  formula: FormulaSummary;
  form: PlanForm;
  change: (to: Partial<PlanForm>) => void;
  vesselId: string | undefined;
  lighting: ReturnType<typeof useLighting>;
  ready: boolean;
}

/** Where the burner is lit, and why it cannot be. */
export function Lighting({ kitchen, formula, form, change, vesselId, lighting, ready }: Props) {
  const now = useNow(MINUTE_MS);
  const { notLit, start } = lighting;
  return (
    <Column>
      {formula.unfinished && (
        <Note tone="tomato">
          Lines of this formula are not read yet:{' '}
          <Link to={`/formulas/${formula.id}/edit`}>answer or drop them</Link>, then it can be lit.
        </Note>
      )}
      <StartNote disabled={!ready} onStart={start} clock={show.hour(now, kitchen.settings.zone)} />
      <StillToLight
        shares={form.shares}
        vessels={kitchen.vessels}
        vesselId={vesselId}
        change={change}
      />
      {notLit && <NotLit fault={notLit.error} onBoth={() => start(notLit.lit, true)} />}
    </Column>
  );
}
