import { useNow } from '../../api/clock';
import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { KeepingView } from '../../api/client';
import { useKeepings, useRuleSets } from '../../api/keeping';
import { useKitchen } from '../../api/kitchen';
import { columns, sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { BrokenKept } from './BrokenKept';
import { HoldSheet } from './HoldSheet';
import { Kept } from './Kept';
import { LabelsToCheck } from './LabelsToCheck';
import { SetOutSheet } from './SetOutSheet';
import { UseFirst } from './UseFirst';

/** What is warm and what is cooling, with the limits drawn as edges. */
export function KeepPage() {
  const { data: kitchen } = useKitchen();
  const { data: keepings, error } = useKeepings();
  const { data: sets } = useRuleSets();
  const now = useNow();
  const [holding, setHolding] = useState(false);
  const [settingOut, setSettingOut] = useState(false);
  const inForce = sets?.find((s) => s.inForce);
  const acts = (
    <>
      <Button variant="outlined" onClick={() => setSettingOut(true)} sx={{ minHeight: sizes.act }}>
        Set something out
      </Button>
      <Button variant="outlined" onClick={() => setHolding(true)} sx={{ minHeight: sizes.act }}>
        Hold something hot
      </Button>
      <Button variant="contained" component={Link} to="/keep/cool" sx={{ minHeight: sizes.act }}>
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
      {error && <Note tone="tomato">{error.message}</Note>}
      <LabelsToCheck />
      {keepings?.length === 0 && (
        <Typography>
          Nothing is held or cooling. When a pot comes off the heat, cool it from here: whether it
          makes it is reckoned before you start.
        </Typography>
      )}
      <Box
        sx={{ display: 'grid', gridTemplateColumns: columns.keep, gap: 3.5, alignItems: 'start' }}
      >
        <Box
          component="ul"
          aria-label="Held, cooling and set out"
          sx={{ p: 0, m: 0, borderTop: 1, borderColor: 'divider', minWidth: 0 }}
        >
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
        </Box>
        {kitchen && <UseFirst kitchen={kitchen} now={now} />}
      </Box>
      <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
        No limit here is met by acidity: a sharp sauce is cooled, chilled and dated like any other.{' '}
        <Link to="/kitchen/rules">Limits and their sections</Link>
      </Typography>
      {settingOut && kitchen && (
        <SetOutSheet kitchen={kitchen} onClose={() => setSettingOut(false)} />
      )}
      {holding && kitchen && <HoldSheet kitchen={kitchen} onClose={() => setHolding(false)} />}
    </Page>
  );
}

/** What must be thrown away or mended stands above the rest, which stays in the order in which it began. */
const isUrgent = ({ cooling, hold, setOut }: KeepingView): boolean =>
  cooling?.action === 'DISCARD' ||
  Boolean(cooling?.action.startsWith('COOL_FASTER')) ||
  (hold !== undefined && hold.state !== 'HOT' && hold.state !== 'TO_READ') ||
  setOut?.state === 'DISCARD';
