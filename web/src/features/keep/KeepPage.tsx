import { useNow } from '../../api/clock';
import { Button } from '@mui/material';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { KeepingView } from '../../api/client';
import { useKeepings, useRuleSets } from '../../api/keeping';
import { useKitchen } from '../../api/kitchen';
import { Page } from '../../ui/Page';
import { BrokenKept } from './BrokenKept';
import { HoldSheet } from './HoldSheet';
import { Kept } from './Kept';
import { LabelsToCheck } from './LabelsToCheck';
import { SetOutSheet } from './SetOutSheet';
import { UseFirst } from './UseFirst';
import { Text } from '../../ui/text';
import { KeepGrid, RailList } from './keep.styles';
import { isLost, wantsFaster } from './keeping';
import { Coming } from '../../ui/Pending';

/** What is warm and what is cooling, with the limits drawn as edges. */
export function KeepPage() {
  const { data: kitchen } = useKitchen();
  const { data: keepings, error } = useKeepings();
  const { data: sets } = useRuleSets();
  const now = useNow();
  const { holding, hold, holdClosed, of } = useHoldSheet();
  const [settingOut, setSettingOut] = useState(false);
  const inForce = sets?.find((s) => s.inForce);
  const acts = (
    <>
      <Button variant="outlined" onClick={() => setSettingOut(true)}>
        Leave something out
      </Button>
      <Button variant="outlined" onClick={hold}>
        Hold something hot
      </Button>
      <Button variant="contained" component={Link} to="/keep/cool">
        Cool something
      </Button>
    </>
  );
  return (
    <Page
      title="What is warm and what is cooling"
      sub={
        inForce
          ? `${inForce.name} is in force here · your local code comes first`
          : 'your local code and trained staff come first'
      }
      step="Keep"
      acts={acts}
    >
      <Coming error={error} come={keepings !== undefined} />
      <LabelsToCheck />
      {keepings?.length === 0 && (
        <Text>
          Nothing is held or cooling. When a pot comes off the heat, cool it from here: whether it
          makes it is reckoned before you start.
        </Text>
      )}
      <KeepGrid>
        <RailList aria-label="Held, cooling and left out">
          {kitchen &&
            keepings
              ?.toSorted((a, b) => Number(isUrgent(b)) - Number(isUrgent(a)))
              .map((k) =>
                k.fault === undefined ? (
                  <Kept
                    key={k.id}
                    keeping={k}
                    kitchen={kitchen}
                    now={now}
                    inForce={inForce?.name}
                  />
                ) : (
                  <BrokenKept key={k.id} keeping={k} zone={kitchen.settings.zone} />
                ),
              )}
        </RailList>
        {kitchen && <UseFirst kitchen={kitchen} now={now} />}
      </KeepGrid>
      <Text tone="muted" size="small">
        No limit here is met by acidity: a sharp sauce is cooled, chilled and dated like any other.{' '}
        <Link to="/kitchen/rules">Limits and their sections</Link>
      </Text>
      {settingOut && kitchen && (
        <SetOutSheet kitchen={kitchen} onClose={() => setSettingOut(false)} />
      )}
      {holding && kitchen && <HoldSheet kitchen={kitchen} of={of} onClose={holdClosed} />}
    </Page>
  );
}

/** A pot just off the heat comes with its batch: what is held is chosen already. */
function useHoldSheet() {
  const [asked, setAsked] = useSearchParams();
  const [holding, setHolding] = useState(asked.has('hold'));
  const holdClosed = () => {
    setHolding(false);
    setAsked({}, { replace: true });
  };
  const [batchId] = asked.getAll('hold');
  const of = batchId ? { batchId, mass: asked.get('mass') ?? '' } : undefined;
  return { holding, hold: () => setHolding(true), holdClosed, of };
}

/** What must be thrown away or mended stands above the rest, which stays in the order in which it began. */
const isUrgent = (keeping: KeepingView): boolean =>
  isLost(keeping) || wantsFaster(keeping) || keeping.hold?.state === 'REHEAT';
