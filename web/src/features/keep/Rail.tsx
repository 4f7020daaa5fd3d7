import { Box, Button, Typography } from '@mui/material';
import type { ReactNode } from 'react';
import type { KeepingView, KitchenView } from '../../api/client';
import { show } from '../../quantities';
import { columns, faces, sizes } from '../../theme/tokens';
import { ClockRail, type Corner } from '../../ui/ClockRail';
import { ShowWorking } from '../../ui/ShowWorking';
import { TimeBar } from './TimeBar';
import { degrees, ofCooling, ofHold, ofSetOut, standing, topUp, type Says } from './words';

const TONES: Record<Says['tone'], string> = {
  good: 'success.main',
  wait: 'warning.main',
  alarm: 'error.main',
  cold: 'kitchen.slate',
};
const HOUR_MS = 3_600_000;

interface Props {
  keeping: KeepingView;
  kitchen: KitchenView;
  now: number;
  inForce: string | undefined;
  acts: ReactNode;
  record: ReactNode;
  below?: ReactNode;
}

/** One thing kept: what and how, its rail, and what it asks for. */
export function Rail({ keeping, kitchen, now, inForce, acts, record, below }: Props) {
  const { units, zone } = kitchen.settings;
  const reads = keeping.entries.flatMap((e) =>
    e.celsius === undefined ? [] : [{ at: e.at, celsius: e.celsius, struckOut: e.struckOut }],
  );
  const { cooling, hold, setOut } = keeping;
  const last = reads.filter((r) => !r.struckOut).at(-1)?.celsius;
  const says = cooling
    ? ofCooling(cooling, now, units)
    : hold
      ? ofHold(hold, last, zone, units)
      : setOut
        ? ofSetOut(setOut, now, zone, units)
        : undefined;
  const how = cooling
    ? standing(cooling.setup, units)
    : hold
      ? `${hold.vessel}, ${hold.lid === 'ON' ? 'lid on' : hold.lid === 'AJAR' ? 'lid ajar' : 'lid off'}, held at ${degrees(hold.heldCelsius, units)}`
      : setOut
        ? `set out at ${degrees(setOut.startCelsius, units)}`
        : '';
  const working = (cooling ?? hold)?.workings[0];
  return (
    <Box
      component="article"
      aria-label={keeping.name}
      sx={{
        borderBottom: 1,
        borderColor: 'divider',
        pt: 1,
        pb: 1.25,
        display: 'grid',
        gridTemplateColumns: columns.rail,
        columnGap: 2.5,
        alignItems: 'center',
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Typography
          component="h2"
          sx={{ fontWeight: 700, fontSize: sizes.lead, overflowWrap: 'anywhere' }}
        >
          {keeping.name}
        </Typography>
        <Typography sx={{ color: 'text.secondary', fontSize: sizes.note }}>
          {keeping.massKilograms === undefined
            ? ''
            : `${show.text(show.mass(keeping.massKilograms, units))}: `}
          {how}, since {show.hour(keeping.startedAt, zone)}
        </Typography>
        <Typography
          component="a"
          href={`/api/keepings/${keeping.id}/record.pdf`}
          target="_blank"
          rel="noreferrer"
          sx={{ color: 'text.secondary', fontSize: sizes.small }}
        >
          record to print
        </Typography>
        {keeping.ruleSetName !== inForce && (
          <Typography sx={{ color: 'text.secondary', fontSize: sizes.small }}>
            by {keeping.ruleSetName}, which was in force then
          </Typography>
        )}
      </Box>
      <Picture
        keeping={keeping}
        reads={reads}
        now={now}
        zone={zone}
        units={units}
        alarm={says?.tone === 'alarm'}
      />
      <Box sx={{ textAlign: { md: 'right' }, minWidth: 0 }}>
        {says && (
          <Typography
            sx={{
              fontFamily: faces.figures,
              fontSize: sizes.railFigure,
              fontWeight: 800,
              lineHeight: 1.1,
              color: TONES[says.tone],
            }}
          >
            {says.figure}
          </Typography>
        )}
        {says && (
          <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
            {says.words}
          </Typography>
        )}
        {hold && (
          <Typography sx={{ fontSize: sizes.small }}>{topUp(hold, now, zone, units)}</Typography>
        )}
        {working && <ShowWorking working={working} title={keeping.name} />}
      </Box>
      <Box
        sx={{
          gridColumn: '1 / -1',
          display: 'flex',
          flexWrap: 'wrap',
          alignItems: 'center',
          gap: 1,
          mt: 0.5,
        }}
      >
        {acts}
        {record}
      </Box>
      {below && <Box sx={{ gridColumn: '1 / -1', mt: 0.75 }}>{below}</Box>}
    </Box>
  );
}

interface PictureProps {
  keeping: KeepingView;
  reads: { at: string; celsius: number; struckOut: boolean }[];
  now: number;
  zone: string;
  units: KitchenView['settings']['units'];
  alarm: boolean;
}

function Picture({ keeping, reads, now, zone, units, alarm }: PictureProps) {
  const from = new Date(keeping.startedAt).getTime();
  const hour = (at: number) => show.hour(at, zone);
  const { cooling, hold, setOut } = keeping;
  if (setOut)
    return (
      <TimeBar
        from={keeping.startedAt}
        until={setOut.discard}
        now={now}
        zone={zone}
        over={setOut.state === 'DISCARD'}
      />
    );
  if (cooling) {
    const corners: Corner[] = cooling.marks.map((m) => ({
      celsius: m.celsius,
      by: m.deadline,
      words: `${degrees(m.celsius, units)} by ${show.hour(m.deadline, zone)}`,
    }));
    const end =
      Math.max(now, ...cooling.marks.map((m) => new Date(m.deadline).getTime())) + HOUR_MS / 4;
    return (
      <ClockRail
        tone={alarm ? 'alarm' : 'cold'}
        from={from}
        until={end}
        nowAt={now}
        likely={cooling.likely}
        slow={cooling.slow}
        reads={reads}
        edge={{
          startsAt: cooling.clockFrom ?? keeping.startedAt,
          celsius: cooling.fromCelsius,
          corners,
        }}
        hour={hour}
        title={`Temperature of ${keeping.name} against the limits`}
      />
    );
  }
  if (!hold) return null;
  const held = reads.filter((r) => !r.struckOut);
  const lastRead = held.at(-1);
  const course = [
    ...(held.length === 0 ? [{ at: keeping.startedAt, celsius: hold.heldCelsius }] : held),
    { at: new Date(now).toISOString(), celsius: lastRead?.celsius ?? hold.heldCelsius },
    { at: new Date(now + HOUR_MS).toISOString(), celsius: lastRead?.celsius ?? hold.heldCelsius },
  ];
  return (
    <ClockRail
      tone={alarm ? 'alarm' : 'hot'}
      from={from}
      until={now + HOUR_MS}
      nowAt={now}
      likely={course}
      slow={[]}
      reads={reads}
      edge={{ level: hold.limitCelsius, words: `${degrees(hold.limitCelsius, units)} at least` }}
      hour={hour}
      title={`Temperature of ${keeping.name} against the limit`}
    />
  );
}

/** An act of a rail, large enough for the stove. */
export function Act({
  words,
  onAct,
  main = false,
}: {
  words: string;
  onAct: () => void;
  main?: boolean;
}) {
  return (
    <Button
      variant={main ? 'contained' : 'outlined'}
      onClick={onAct}
      sx={{ minHeight: { xs: sizes.target, md: sizes.act } }}
    >
      {words}
    </Button>
  );
}
