import { Box, Button, Typography } from '@mui/material';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { KitchenView, OnStove } from '../../api/client';
import { show } from '../../quantities';
import { faces, sizes } from '../../theme/tokens';
import { Urn } from '../../ui/Urn';
import { useTasks } from '../../api/tasks';
import { ringing, useAlarm, useAwake } from '../../ui/alarm';
import { useNow } from '../../api/clock';
import { along } from './along';

interface Props {
  batches: OnStove[];
  kitchen: KitchenView;
  shown: string | undefined;
}

/** This kitchen's burners and oven with the pots on them, and what is due at any of them. */
export function StoveTop({ batches, kitchen, shown }: Props) {
  const now = useNow();
  const { data: tasks = [] } = useTasks();
  const due = new Set(ringing(tasks, now).map((t) => t.subjectId));
  const { on, turn } = useAlarm();
  const awake = useAwake(batches.length > 0);
  const places = [
    ...kitchen.heatSources.map((h) => ({
      id: h.id,
      name: h.name,
      pots: batches.filter((b) => b.pot.heating.way !== 'OVEN' && b.pot.heatSourceId === h.id),
    })),
    { id: 'oven', name: 'Oven', pots: batches.filter((b) => b.pot.heating.way === 'OVEN') },
  ];
  const elsewhere = batches.filter((b) => !places.some((p) => p.pots.includes(b)));
  const taken = [...places, { id: 'else', name: 'Other burner', pots: elsewhere }].filter(
    (p) => p.pots.length > 0 || (p.id !== 'else' && p.id !== 'oven'),
  );
  return (
    <Box
      sx={{ display: 'flex', flexDirection: { xs: 'column', sm: 'row' }, gap: 1, flexShrink: 0 }}
    >
      <Box
        component="nav"
        aria-label="Pots on the stove"
        sx={{ display: 'flex', gap: 1, alignItems: 'stretch', overflowX: 'auto', minWidth: 0 }}
      >
        {taken.map((p) => (
          <Box key={p.id} sx={{ display: 'flex', gap: 0.75 }}>
            {p.pots.map((b) => (
              <PotOnBurner
                key={b.id}
                batch={b}
                place={p.name}
                current={b.id === shown}
                due={due.has(b.id)}
                now={now}
                zone={kitchen.settings.zone}
              />
            ))}
            {p.pots.length === 0 && (
              <Box
                sx={{
                  border: 1.5,
                  borderStyle: 'dashed',
                  borderColor: 'divider',
                  borderRadius: 1,
                  px: 1.5,
                  py: 1,
                  color: 'text.secondary',
                  minWidth: sizes.pot * 1.6,
                  maxWidth: sizes.pot * 3,
                  display: { xs: 'none', sm: 'block' },
                }}
              >
                <Typography noWrap title={p.name} sx={{ fontSize: sizes.small }}>
                  {p.name}
                </Typography>
                <Typography sx={{ fontSize: sizes.small }}>free</Typography>
              </Box>
            )}
          </Box>
        ))}
      </Box>
      <Box
        sx={{
          ml: { sm: 'auto' },
          display: 'flex',
          flexDirection: { xs: 'row', sm: 'column' },
          columnGap: 1.5,
          alignItems: { xs: 'center', sm: 'flex-end' },
          justifyContent: { sm: 'center' },
          flexShrink: 0,
        }}
      >
        <Button variant={on ? 'contained' : 'outlined'} aria-pressed={on} onClick={() => turn(!on)}>
          {on ? 'Alarm on' : 'Alarm off'}
        </Button>
        <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
          {awake ? 'screen stays awake' : 'screen may sleep'}
        </Typography>
      </Box>
    </Box>
  );
}

interface OnBurner {
  batch: OnStove;
  place: string;
  current: boolean;
  due: boolean;
  now: number;
  zone: string;
}

function PotOnBurner({ batch, place, current, due, now, zone }: OnBurner) {
  const here = along(batch.likely, now);
  const { thickAt } = batch;
  const tab = useRef<HTMLAnchorElement>(null);
  // With many pots the one that is shown may lie beyond the edge.
  useEffect(() => {
    if (current) tab.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [current]);
  return (
    <Box
      component={Link}
      ref={tab}
      to={`/pots/${batch.id}`}
      aria-current={current ? 'page' : undefined}
      sx={{
        display: 'flex',
        gap: 1.25,
        alignItems: 'center',
        px: 1.25,
        py: 0.5,
        borderRadius: 1,
        border: 2,
        borderColor: current ? 'text.primary' : due ? 'error.main' : 'divider',
        color: 'text.primary',
        textDecoration: 'none',
        whiteSpace: 'nowrap',
      }}
    >
      <Box sx={{ width: sizes.pot * 0.75, height: sizes.pot * 0.75 }}>
        <Urn
          small
          shape={batch.pot.vessel}
          fillMeters={here?.depthMeters ?? 0}
          thickness={here?.solidsFraction ?? 0}
          title={`${batch.pot.vessel.name} on ${place}`}
        />
      </Box>
      <Box>
        <Typography component="span" sx={{ display: 'block', fontWeight: 700, lineHeight: 1.2 }}>
          {batch.name}
        </Typography>
        <Typography
          component="span"
          sx={{ display: 'block', fontSize: sizes.small, color: 'text.secondary', lineHeight: 1.2 }}
        >
          {place}
          {due ? ' · needs you' : ''}
        </Typography>
      </Box>
      <Typography
        component="span"
        sx={{ fontFamily: faces.figures, fontWeight: 700, fontSize: sizes.step, ml: 0.5 }}
      >
        {thickAt ? show.hour(thickAt, zone) : '–'}
      </Typography>
    </Box>
  );
}
