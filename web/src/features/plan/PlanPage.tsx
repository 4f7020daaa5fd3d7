import { useNow } from '../../api/clock';
import { Box, Typography } from '@mui/material';
import { Link, useLocation, useNavigate } from 'react-router';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { useKeys } from '../../app/keys';
import { newId, type FormulaSummary, type KitchenView, type School } from '../../api/client';
import { useFormulas } from '../../api/formulas';
import { useKitchen } from '../../api/kitchen';
import { useTaken } from '../../api/occupancy';
import { useOutbox } from '../../api/outbox';
import type { ProblemError } from '../../api/problem';
import { show } from '../../quantities';
import { areas, columns } from '../../theme/tokens';
import { useUndo } from '../../ui/undo';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Amounts } from './Amounts';
import { InTheWay } from './InTheWay';
import { InTubs } from './InTubs';
import { NeedFields } from './NeedFields';
import { NotLit } from './NotLit';
import { OtherWays } from './OtherWays';
import { Hours, Sizes } from './PlanFigures';
import { PlanBalance } from './PlanBalance';
import { PlanPicture } from './PlanPicture';
import { StartNote } from './StartNote';
import { ForShopping } from './ForShopping';
import { ToBuy } from './ToBuy';
import { kept, PotShares } from './PotShares';
import { StillToLight } from './StillToLight';
import { StageFits } from './StageFits';
import { Work } from './Work';
import {
  afterLighting,
  again,
  arriving,
  chosen,
  understand,
  usePlanForm,
  type AsItTurnedOut,
  type Faults,
  type PlanForm,
} from './form';
import { usePlan, useShares, useWays } from './usePlan';

const MINUTE_MS = 60_000;
const POINTERS: Record<keyof Faults, string[]> = {
  covers: ['/covers'],
  available: ['/available'],
  serving: ['/servingMassKilograms'],
  readyBy: ['/readyByLocalTime'],
  onTable: ['/onTheTableFraction'],
  holdLoss: ['/holdLossFraction'],
  target: ['/targetSolidsFraction', '/targetSpreadMeters', '/targetSimmerSeconds'],
  heating: ['/heating/ovenCelsius', '/heating/burnerShare'],
  oven: ['/heating/ovenId'],
};

export function PlanPage() {
  const { data: kitchen, error } = useKitchen();
  const shelf = useFormulas();
  const { form, change } = usePlanForm();
  const sauces = useMemo(
    () => shelf.data?.filter((f) => f.targetSolidsFraction !== undefined),
    [shelf.data],
  );
  useArrival(sauces, change);
  const formula =
    sauces?.find((f) => f.id === form.formulaId) ??
    sauces?.find((f) => f.id === 'plain-marinara') ??
    sauces?.[0];
  const fault = error ?? shelf.error;
  if (!kitchen || !formula)
    return (
      <Page title="Plan" sub="one batch" step="Size">
        {fault && <Note tone="tomato">{fault.message}</Note>}
      </Page>
    );
  if (kitchen.vessels.length === 0 || kitchen.heatSources.length === 0) {
    return (
      <Page title={formula.name} sub={formula.inShort} step="Size">
        <Note>
          First tell Urn Stew which pots and burners there are: open{' '}
          <Link to="/kitchen">Kitchen</Link> and add one of each.
        </Note>
      </Page>
    );
  }
  return (
    <Planned
      kitchen={kitchen}
      formula={formula}
      formulas={sauces ?? []}
      form={form}
      change={change}
    />
  );
}

/** A formula sent here to be planned brings its ways, its thickness, its heat and its lid along. */
function useArrival(sauces: FormulaSummary[] | undefined, change: (to: Partial<PlanForm>) => void) {
  const { key, state } = useLocation() as {
    key: string;
    state: {
      formulaId: string;
      schools: School[];
      asItTurnedOut?: AsItTurnedOut;
      covers?: number;
    } | null;
  };
  const arrived = useRef('');
  useEffect(() => {
    const formula = sauces?.find((f) => f.id === state?.formulaId);
    if (!state || !formula || arrived.current === key) return;
    arrived.current = key;
    if (state.covers) change({ sizedBy: 'COVERS', covers: String(state.covers) });
    change(
      state.asItTurnedOut
        ? again(formula, state.schools, state.asItTurnedOut)
        : arriving(formula, state.schools),
    );
  }, [sauces, key, state, change]);
}

/** What is wrong, by field: what was typed, else what the server says of it. */
function beside(faults: Faults, problem: ProblemError | undefined): Faults {
  const all: Faults = { ...faults };
  for (const key of Object.keys(POINTERS) as (keyof Faults)[]) {
    const found = POINTERS[key].map((pointer) => problem?.at(pointer)).find(Boolean);
    if (found) all[key] ??= found;
  }
  return all;
}

interface Props {
  kitchen: KitchenView;
  formula: FormulaSummary;
  formulas: FormulaSummary[];
  form: PlanForm;
  change: (to: Partial<PlanForm>) => void;
}

function Planned({ kitchen, formula, formulas, form, change }: Props) {
  const taken = useTaken();
  const now = useNow(MINUTE_MS);
  const { request: typed, faults } = useMemo(
    () => understand(form, formula.id, kitchen, taken),
    [form, formula.id, kitchen, taken],
  );
  const { preview, problem, request: planned } = usePlan(typed);
  const plan = preview?.plan;
  // Hours, picture and sizes come first; what is read after them may follow a moment later.
  const later = useDeferredValue(preview);
  const { send } = useOutbox();
  const offerBack = useUndo();
  const navigate = useNavigate();
  const [litAt, setLitAt] = useState('');
  const [startFault, setStartFault] = useState<{ error: ProblemError; lit: string | undefined }>();
  const { vessel } = chosen(form, kitchen, taken);
  const { units, zone } = kitchen.settings;
  const all = useMemo(() => beside(faults, problem), [faults, problem]);
  const fielded = Object.values(all).some(Boolean) || Boolean(problem?.at('/vesselId'));
  const usable = plan && typed && !problem;
  const ways = useWays(planned, Boolean(usable));
  const covers = planned?.sizedBy === 'COVERS' ? planned.covers : Math.floor(plan?.portions ?? 0);
  const vesselId = vessel?.id;
  // A batch that is shared already is not halved again: its other pots would be forgotten.
  const shared = form.shares.length > 0;
  const here = useMemo(
    () => (vesselId && !shared ? { vesselId, covers } : undefined),
    [vesselId, covers, shared],
  );
  const shares = useShares(planned, Boolean(problem?.at('/vesselId')));

  const backTo = (before: PlanForm) => () => {
    change(before);
    void navigate('/plan');
  };
  const start = async (litLocalTime?: string, sharesHeat = false) => {
    if (!typed) return;
    const id = newId();
    const sent = await send('/api/batches', {
      id,
      plan: typed,
      timeScale: 1,
      sharesHeat,
      ...(litLocalTime ? { happenedLocalTime: litLocalTime } : {}),
    });
    if (sent.kind === 'refused') setStartFault({ error: sent.error, lit: litLocalTime });
    else {
      const before = form;
      change(afterLighting(form, typed.vesselId));
      offerBack({
        words: `${formula.name} is lit.`,
        acts: [{ batchId: id, eventId: id }],
        onBack: backTo(before),
      });
      void navigate(`/pots/${id}`);
    }
  };
  const free = kitchen.heatSources
    .filter((h) => !taken.has(h.id))
    .toSorted((a, b) => b.powerIntoPotWatts - a.powerIntoPotWatts);
  const [sharesFault, setSharesFault] = useState<ProblemError>();
  /** Each share is a batch of its own; what was lit stays lit where a later one is refused. */
  const lightAll = async () => {
    if (!typed) return;
    const ids = shares.map(() => newId());
    const before = form;
    const offerAll = (lit: string[]) =>
      offerBack({
        words: `${lit.length} ${lit.length === 1 ? 'pot' : 'pots'} of ${formula.name} ${lit.length === 1 ? 'is' : 'are'} lit.`,
        acts: lit.map((id) => ({ batchId: id, eventId: id })),
        onBack: backTo(before),
      });
    for (const [place, share] of shares.entries()) {
      const of = {
        ...typed,
        sizedBy: 'COVERS' as const,
        covers: Math.round(share.covers),
        vesselId: share.vesselId,
        heatSourceId: free[place]?.id ?? typed.heatSourceId,
      };
      const sent = await send('/api/batches', {
        id: ids[place] ?? newId(),
        plan: of,
        timeScale: 1,
      });
      if (sent.kind === 'refused') {
        change({ shares: shares.map((s, i) => ({ ...kept(s), lit: i < place })) });
        if (place > 0) offerAll(ids.slice(0, place));
        return setSharesFault(sent.error);
      }
    }
    offerAll(ids);
    void navigate(`/pots/${ids[0]}`);
  };
  useKeys(
    usable && !formula.unfinished
      ? [{ key: 's', does: 'Light the burner now', act: () => void start() }]
      : [],
  );

  return (
    <Page title={formula.name} sub={`${formula.inShort} · version ${formula.version}`} step="Size">
      <Box
        sx={{
          display: 'grid',
          columnGap: { xs: 2.5, md: 3.5 },
          rowGap: { xs: 2.5, md: 1.5 },
          gridTemplateColumns: columns.plan,
          gridTemplateAreas: areas.plan,
          gridTemplateRows: { md: 'auto 1fr' },
        }}
      >
        <Box sx={{ gridArea: 'need' }}>
          <NeedFields
            formulas={formulas}
            formula={formula}
            form={form}
            change={change}
            faults={all}
            vesselFault={problem?.at('/vesselId')}
            kitchen={kitchen}
            taken={taken}
            preview={later}
          />
        </Box>
        <Box
          sx={{
            gridArea: 'hours',
            display: 'flex',
            flexDirection: 'column',
            gap: 1.5,
            minWidth: 0,
            position: { xs: 'sticky', md: 'static' },
            top: 0,
            bgcolor: 'background.paper',
            zIndex: 2,
            py: { xs: 1, md: 0 },
          }}
        >
          {problem && !fielded && <Note tone="tomato">{problem.summary}</Note>}
          {fielded && (
            <Typography role="status" sx={{ color: 'text.secondary' }}>
              Mend the marked field; the figures are the last that could be computed.
            </Typography>
          )}
          <PotShares
            shares={shares}
            burners={free.length}
            onLightAll={() => void lightAll()}
            fault={sharesFault}
            change={change}
            units={units}
            zone={zone}
          />
          {plan && <Hours plan={plan} request={planned} zone={zone} />}
        </Box>
        <Box sx={{ gridArea: 'picture', minWidth: 0 }}>
          {plan && vessel && <PlanPicture plan={plan} vessel={vessel} units={units} zone={zone} />}
          {usable && ways && (
            <OtherWays hours={plan.hours} ways={ways} zone={zone} change={change} here={here} />
          )}
          {usable && planned && <PlanBalance request={planned} />}
        </Box>
        <Box
          sx={{
            display: 'flex',
            flexDirection: 'column',
            gap: 1.75,
            gridArea: 'amounts',
            minWidth: 0,
          }}
        >
          {formula.unfinished && (
            <Note tone="tomato">
              Lines of this formula are not read yet:{' '}
              <Link to={`/formulas/${formula.id}/edit`}>answer or drop them</Link>, then it can be
              lit.
            </Note>
          )}
          <StartNote
            disabled={!usable || formula.unfinished}
            litAt={litAt}
            onLitAt={setLitAt}
            onStart={(hour) => void start(hour)}
            clock={show.hour(now, zone)}
          />
          <StillToLight
            shares={form.shares}
            vessels={kitchen.vessels}
            vesselId={vessel?.id}
            change={change}
          />
          {startFault && (
            <NotLit fault={startFault.error} onBoth={() => void start(startFault.lit, true)} />
          )}
          {plan && planned && (
            <InTubs
              formulaId={formula.id}
              wantedKilograms={plan.endMassKilograms}
              covers={planned.covers}
              byCovers={planned.sizedBy === 'COVERS'}
              change={change}
              units={units}
            />
          )}
          {preview && usable && <InTheWay preview={preview} zone={zone} />}
          {plan?.cautions
            .filter((c) => c.code !== 'never-thick')
            .map((c) => (
              <Note key={c.code}>{c.text}</Note>
            ))}
          {later && <Work preview={later} units={units} zone={zone} now={now} />}
          {later && <Amounts plan={later.plan} units={units} />}
          {later && <StageFits fits={later.stageFits} units={units} />}
          {plan && typed && (
            <ForShopping
              request={{ ...typed, covers: Math.max(1, Math.floor(plan.portions + 1e-6)) }}
              name={`${formula.name} for ${Math.floor(plan.portions + 1e-6)}`}
            />
          )}
          {later && (
            <ToBuy
              plan={later.plan}
              avoided={later.avoided}
              units={units}
              currency={kitchen.settings.currency}
            />
          )}
        </Box>
      </Box>
      {plan && <Sizes plan={plan} request={planned} units={units} />}
    </Page>
  );
}
