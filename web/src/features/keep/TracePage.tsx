import { Box, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { TraceStep } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { useRecall } from '../../api/lots';
import { show } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { TextLine } from '../../ui/fields';
import { Page } from '../../ui/Page';

const KINDS: Record<TraceStep['what'], string> = {
  SOURCE: 'can or tag',
  BATCH: 'batch',
  LOT: 'tubs',
  DISH: 'dish',
};

/** Everything that something with a code may be in: what is called back. */
export function TracePage() {
  const { data: kitchen } = useKitchen();
  const [code, setCode] = useState('');
  const { data: found } = useRecall(code.trim());
  return (
    <Page
      title="Trace and recall"
      sub="from the code on a can or a shellfish tag to every tub and dish it may be in"
      step="Keep"
    >
      <TextLine
        label="Code on the can, or number of the tag"
        text={code}
        onText={setCode}
        note="as it was noted with the batch"
      />
      {found &&
        kitchen &&
        code.trim() &&
        (found.length === 0 ? (
          <Typography role="status">
            No batch has this code. Codes are noted at the batch’s page in the logbook, under ‘what
            went in’.
          </Typography>
        ) : (
          <>
            <Typography role="status" sx={{ fontWeight: 700 }}>
              {found.filter((s) => s.what === 'LOT').length} lots of tubs and{' '}
              {found.filter((s) => s.what === 'DISH').length} dishes may have it in them.
            </Typography>
            <Steps steps={found} zone={kitchen.settings.zone} empty="" />
          </>
        ))}
      <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
        From a tub the trace goes back as well: open the tub.
      </Typography>
    </Page>
  );
}

/** The way from can to dish, step by step. */
export function Steps({ steps, zone, empty }: { steps: TraceStep[]; zone: string; empty: string }) {
  if (steps.length === 0) return <Typography sx={{ color: 'text.secondary' }}>{empty}</Typography>;
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {steps.map((s, i) => (
        <Typography
          component="li"
          key={`${s.what}${s.id ?? ''}${s.name}${s.at ?? i}`}
          sx={{ borderBottom: 1, borderColor: 'divider', py: 0.5 }}
        >
          <Box component="span" sx={{ color: 'text.secondary', fontSize: sizes.small }}>
            {KINDS[s.what]}{' '}
          </Box>
          <StepName step={s} />
          {s.code && <b> {s.code}</b>}
          <Box component="span" sx={{ color: 'text.secondary', fontSize: sizes.small }}>
            {' '}
            {[s.at ? show.day(s.at, zone) : '', s.words].filter(Boolean).join(', ')}
          </Box>
        </Typography>
      ))}
    </Box>
  );
}

function StepName({ step }: { step: TraceStep }) {
  if (step.what === 'LOT' && step.id) return <Link to={`/keep/lots/${step.id}`}>{step.name}</Link>;
  if (step.what === 'BATCH' && step.id) return <Link to={`/logbook/${step.id}`}>{step.name}</Link>;
  return <>{step.name}</>;
}
