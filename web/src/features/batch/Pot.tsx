import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useKeys } from '../../app/keys';
import type { BatchView, KitchenView } from '../../api/client';
import { show } from '../../quantities';
import { columns, sizes } from '../../theme/tokens';
import { Figure } from '../../ui/Figure';
import { Eaters } from '../../ui/Eaters';
import { heatInWords } from '../../ui/heat';
import { usePantry } from '../../api/pantry';
import { useStageNotes } from '../../api/stageNotes';
import { FinishSheet } from './FinishSheet';
import { PotPicture } from './PotPicture';
import { AddSheet } from './AddSheet';
import { HeatSheet } from './HeatSheet';
import { Looked } from './Looked';
import { stageNow } from './looks';
import { TargetSheet } from './TargetSheet';
import { ReadingSheet } from './ReadingSheet';
import { READINGS, type ReadingKind } from './readings';
import { Readings } from './Readings';
import { StageNoteSheet } from './StageNoteSheet';
import { Steps } from './Steps';
import { along, TICK_MS } from './along';
import { useNow } from '../../api/clock';

type Sheet = ReadingKind | 'heat' | 'add' | 'target' | 'finish' | 'look';

/** One pot at the stove: the hour, what is next, the readings. */
export function Pot({ batch, kitchen }: { batch: BatchView; kitchen: KitchenView }) {
  const [sheet, setSheet] = useState<Sheet>();
  const navigate = useNavigate();
  const now = useNow(TICK_MS);
  // Already here when something else goes in while the network is away.
  usePantry();
  const live = batch.status === 'SIMMERING';
  useKeys(
    live
      ? [
          { key: 'w', does: 'Weigh', act: () => setSheet('WEIGHING') },
          { key: 'd', does: 'Dip', act: () => setSheet('DIP') },
          { key: 'p', does: 'Plate test', act: () => setSheet('PLATE') },
          { key: 'h', does: 'Heat, lid and pot', act: () => setSheet('heat') },
          { key: 't', does: 'How thick', act: () => setSheet('target') },
          { key: 'a', does: 'Into the pot', act: () => setSheet('add') },
          { key: 'b', does: 'Balance', act: () => void navigate(`/balance?pot=${batch.id}`) },
          { key: 'l', does: 'How it looks', act: () => setSheet('look') },
          { key: 'f', does: 'Off the heat', act: () => setSheet('finish') },
        ]
      : [],
  );
  const { data: notes } = useStageNotes(batch.id);
  const here = along(batch.forecast.likely, now);
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: columns.stove, gap: { xs: 2.5, md: 4 }, flex: 1 }}
    >
      <PotPicture
        batch={batch}
        kitchen={kitchen}
        now={live ? now : undefined}
        here={live ? here : batch.forecast.likely.at(-1)}
      />
      <Box
        sx={{
          display: 'flex',
          flexDirection: 'column',
          gap: 2,
          minWidth: 0,
          order: { xs: -1, sm: 0 },
        }}
      >
        {live ? (
          <Hour batch={batch} kitchen={kitchen} onTarget={() => setSheet('target')} />
        ) : (
          <Over batch={batch} kitchen={kitchen} />
        )}
        <Steps
          batch={batch}
          kitchen={kitchen}
          now={now}
          earlier={notes?.earlier ?? []}
          onRead={setSheet}
          onFinish={() => setSheet('finish')}
        />
        <Looked
          batch={batch}
          zone={kitchen.settings.zone}
          own={notes?.own ?? []}
          onNote={() => setSheet('look')}
        />
        <Readings batch={batch} kitchen={kitchen} />
        <Eaters of={batch.declaration} />
        {live && (
          <Box
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, 1fr)' },
              gap: 1,
              mt: 'auto',
              position: 'sticky',
              bottom: { xs: sizes.target + 4, md: 0 },
              bgcolor: 'background.paper',
              pt: 1,
              pb: 1.5,
            }}
          >
            <Act
              name="Read"
              sub={
                batch.forecast.advice
                  ? `${READINGS[batch.forecast.advice.kind].word} tells most now`
                  : 'dip, weigh, plate'
              }
              onClick={() => setSheet(batch.forecast.advice?.kind ?? 'DIP')}
              main
            />
            <Act
              name="Heat"
              sub={`${heatInWords(batch.pot.heating)} · lid ${batch.pot.lid.toLowerCase()}`}
              onClick={() => setSheet('heat')}
            />
            <Act name="Add" sub="as poured" onClick={() => setSheet('add')} />
            <Act name="Heat off" sub="it is done" onClick={() => setSheet('finish')} />
          </Box>
        )}
      </Box>
      {sheet && sheet in READINGS && (
        <ReadingSheet
          kind={sheet as ReadingKind}
          batch={batch}
          kitchen={kitchen}
          onClose={() => setSheet(undefined)}
        />
      )}
      {sheet === 'heat' && (
        <HeatSheet batch={batch} kitchen={kitchen} onClose={() => setSheet(undefined)} />
      )}
      {sheet === 'target' && <TargetSheet batch={batch} onClose={() => setSheet(undefined)} />}
      {sheet === 'add' && (
        <AddSheet batch={batch} kitchen={kitchen} onClose={() => setSheet(undefined)} />
      )}
      {sheet === 'look' && (
        <StageNoteSheet
          batch={batch}
          stage={stageNow(batch, now)}
          onClose={() => setSheet(undefined)}
        />
      )}
      {sheet === 'finish' && (
        <FinishSheet batch={batch} kitchen={kitchen} onClose={() => setSheet(undefined)} />
      )}
    </Box>
  );
}

function Act({
  name,
  sub,
  onClick,
  main = false,
}: {
  name: string;
  sub: string;
  onClick: () => void;
  main?: boolean;
}) {
  return (
    <Button
      variant={main ? 'contained' : 'outlined'}
      onClick={onClick}
      sx={{
        minHeight: sizes.target + 8,
        flexDirection: 'column',
        alignItems: 'flex-start',
        textAlign: 'left',
        lineHeight: 1.25,
        px: 1.5,
      }}
    >
      <Box component="span" sx={{ fontSize: sizes.lead, fontWeight: 700 }}>
        {name}
      </Box>
      <Box component="span" sx={{ fontSize: sizes.small, fontWeight: 500 }}>
        {sub}
      </Box>
    </Button>
  );
}

function Hour({
  batch,
  kitchen,
  onTarget,
}: {
  batch: BatchView;
  kitchen: KitchenView;
  onTarget: () => void;
}) {
  const { forecast, asPlanned } = batch;
  const { zone, units } = kitchen.settings;
  const working = (figure: string) => forecast.workings.find((w) => w.figure === figure);
  if (!forecast.thickAt || !forecast.earliest || !forecast.latest)
    return (
      <Typography variant="h2" component="p" role="status" sx={{ color: 'error.main' }}>
        {forecast.neverReason}
      </Typography>
    );
  const late = asPlanned.thickAt
    ? (new Date(forecast.thickAt).getTime() - new Date(asPlanned.thickAt).getTime()) / 1000
    : 0;
  const turned =
    Math.abs(late) < 60
      ? 'as planned'
      : `${show.text(show.span(late))} ${late > 0 ? 'later' : 'earlier'} than planned`;
  return (
    <Box>
      <Box
        sx={{
          display: 'flex',
          justifyContent: 'space-between',
          alignItems: 'flex-start',
          gap: 2,
          flexWrap: 'wrap',
        }}
      >
        <Figure
          label="Thick enough at"
          shown={{ value: show.hour(forecast.thickAt, zone), unit: '' }}
          size="huge"
          working={working('thickAt')}
        />
        <Box
          sx={{
            ml: { sm: 'auto' },
            display: 'flex',
            flexDirection: { xs: 'row', sm: 'column' },
            flexWrap: 'wrap',
            gap: 1,
            alignItems: { xs: 'center', sm: 'flex-end' },
          }}
        >
          <Typography
            sx={{
              bgcolor: late > 60 ? 'kitchen.brassSoft' : 'kitchen.basilSoft',
              color: late > 60 ? 'warning.main' : 'success.main',
              borderRadius: 5,
              px: 1.5,
              py: 0.5,
              fontWeight: 600,
            }}
          >
            {turned}
          </Typography>
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button onClick={onTarget}>How thick</Button>
            <Button component={Link} to={`/balance?pot=${batch.id}`}>
              Balance
            </Button>
            <Button component={Link} to={`/pots/${batch.id}/hand-over`}>
              Hand over
            </Button>
          </Box>
        </Box>
      </Box>
      <Box sx={{ display: 'flex', gap: 3, flexWrap: 'wrap', mt: 1 }}>
        <Figure
          label="nine in ten between"
          shown={{
            value: `${show.hour(forecast.earliest, zone)} – ${show.hour(forecast.latest, zone)}`,
            unit: '',
          }}
          working={working('thickAt')}
        />
        <Figure
          label={
            forecast.readings === 0
              ? 'boils off, as assumed'
              : `boils off, from ${forecast.readings} ${forecast.readings === 1 ? 'reading' : 'readings'}`
          }
          shown={{
            ...show.mass(forecast.kilogramsPerHour, units),
            unit: `${show.mass(forecast.kilogramsPerHour, units).unit}/h`,
          }}
          working={working('rate')}
        />
      </Box>
    </Box>
  );
}

function Over({ batch, kitchen }: { batch: BatchView; kitchen: KitchenView }) {
  const { zone, units } = kitchen.settings;
  if (!batch.end) return null;
  const { endedAt, finalMassKilograms, lateSeconds, note, workings } = batch.end;
  const working = (figure: string) => workings.find((w) => w.figure === figure);
  return (
    <Box>
      <Figure
        label={`Off the heat, ${show.day(endedAt, zone)}`}
        shown={{ value: show.hour(endedAt, zone), unit: '' }}
        size="huge"
      />
      <Box sx={{ display: 'flex', gap: 3, mt: 1, flexWrap: 'wrap' }}>
        {lateSeconds !== undefined && (
          <Figure
            label={lateSeconds < 0 ? 'earlier than planned' : 'later than planned'}
            shown={show.span(lateSeconds)}
            working={working('late')}
          />
        )}
        <Figure
          label={`came out, ${show.text(show.mass(batch.planned.endMassKilograms, units))} planned`}
          shown={
            finalMassKilograms === undefined
              ? { value: 'not weighed', unit: '' }
              : show.mass(finalMassKilograms, units)
          }
          working={working('finalMass')}
        />
      </Box>
      {note && <Typography sx={{ mt: 1, overflowWrap: 'anywhere' }}>{note}</Typography>}
    </Box>
  );
}
