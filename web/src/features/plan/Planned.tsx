import { Box } from '@mui/material';
import type { FormulaSummary, KitchenView } from '../../api/client';
import { useKeys } from '../../ui/keys';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Text } from '../../ui/text';
import { useAct } from '../../ui/useAct';
import { Lighting } from './Lighting';
import { Margin } from './Margin';
import { NeedFields } from './NeedFields';
import { OtherWays } from './OtherWays';
import { PlanBalance } from './PlanBalance';
import { Hours, Sizes } from './PlanFigures';
import { PlanPicture } from './PlanPicture';
import { PotShares } from './PotShares';
import type { PlanForm } from './form';
import { HoursArea, PlanGrid } from './plan.styles';
import { useLighting } from './useLighting';
import { usePlanned, type PlannedBatch } from './usePlanned';

interface Props {
  kitchen: KitchenView;
  formula: FormulaSummary;
  formulas: FormulaSummary[];
  form: PlanForm;
  change: (to: Partial<PlanForm>) => void;
}

/** The sheet of one batch: what is needed at its left, the hours and the picture in its middle. */
export function Planned(props: Props) {
  const { kitchen, formula, formulas, form, change } = props;
  const batch = usePlanned(kitchen, formula, form);
  const lighting = useLighting({ kitchen, formula, form, change, batch });
  const { plan, planned, isUsable } = batch;
  const { act } = useAct();
  const isLightable = isUsable && !formula.unfinished;
  useKeys(
    isLightable
      ? [
          {
            key: 's',
            does: 'Light the burner now',
            act: () => act(() => lighting.start()),
            writes: true,
          },
        ]
      : [],
  );
  return (
    <Page
      title={formula.name}
      sub={`${formula.inShort} · version ${formula.version}`}
      step="Size"
      job={{ formulaId: formula.id, schools: form.schools }}
    >
      <PlanGrid>
        <Box sx={{ gridArea: 'need' }}>
          <NeedFields
            formulas={formulas}
            formula={formula}
            form={form}
            change={change}
            faults={batch.faults}
            vesselFault={batch.vesselFault}
            kitchen={kitchen}
            taken={batch.taken}
            preview={batch.later}
          />
        </Box>
        <HoursPart {...props} batch={batch} lighting={lighting} ready={isLightable} />
        <PicturePart {...props} batch={batch} />
        <Margin kitchen={kitchen} formula={formula} change={change} batch={batch} />
      </PlanGrid>
      {plan && <Sizes plan={plan} request={planned} units={kitchen.settings.units} />}
    </Page>
  );
}

interface HoursProps extends Props {
  batch: PlannedBatch;
  lighting: ReturnType<typeof useLighting>;
  ready: boolean;
}
/** When to light it and when it is thick enough; what is wrong; and the way to light it. */
function HoursPart({ kitchen, formula, form, change, batch, lighting, ready }: HoursProps) {
  const { plan, planned, problem, vessel } = batch;
  const { units, zone } = kitchen.settings;
  return (
    <>
      <HoursArea>
        {problem && !batch.isMarked && <Note tone="tomato">{problem.summary}</Note>}
        {batch.isMarked && (
          <Text role="status" tone="muted">
            Mend the marked field; the figures are the last that could be computed.
          </Text>
        )}
        <PotShares
          shares={batch.shares}
          burners={lighting.freeBurners}
          onLightAll={lighting.startAll}
          fault={lighting.sharesFault}
          change={change}
          units={units}
          zone={zone}
        />
        {plan && <Hours plan={plan} request={planned} zone={zone} />}
      </HoursArea>
      <Box sx={{ gridArea: 'light' }}>
        <Lighting
          kitchen={kitchen}
          formula={formula}
          form={form}
          change={change}
          vesselId={vessel?.id}
          lighting={lighting}
          ready={ready}
        />
      </Box>
    </>
  );
}

/** The pot and its fall; below them other ways and the balance. */
function PicturePart({ kitchen, change, batch }: Props & { batch: PlannedBatch }) {
  const { plan, planned, vessel, isUsable } = batch;
  const { units, zone } = kitchen.settings;
  return (
    <Box sx={{ gridArea: 'picture', minWidth: 0 }}>
      {plan && vessel && <PlanPicture plan={plan} vessel={vessel} units={units} zone={zone} />}
      {plan && isUsable && batch.ways && (
        <OtherWays
          hours={plan.hours}
          ways={batch.ways}
          zone={zone}
          change={change}
          here={batch.here}
        />
      )}
      {isUsable && planned && <PlanBalance request={planned} />}
    </Box>
  );
}
