import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { Link } from 'react-router';
import type { CoolingSetupChoice, KeepingView, KitchenView } from '../../api/client';
import { useWays } from '../../api/keeping';
import { useOutbox } from '../../api/outbox';
import { newId } from '../../api/client';
import { show } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { Act, Rail } from './Rail';
import { CloseSheet, PlaceSheet, ReadSheet, TopUpSheet } from './sheets';
import { degrees, standing, wayOut } from './words';

type Open =
  | { sheet: 'read' | 'top-up' }
  | { sheet: 'place' | 'reheat'; offered?: CoolingSetupChoice }
  | { sheet: 'close'; first: 'PUT_AWAY' | 'SERVED' | 'DISCARDED' };

/** One thing kept with what can be done about it. */
export function Kept({
  keeping,
  kitchen,
  now,
  inForce,
}: {
  keeping: KeepingView;
  kitchen: KitchenView;
  now: number;
  inForce: string | undefined;
}) {
  const [open, setOpen] = useState<Open>();
  const { sendKept } = useOutbox();
  const { cooling, hold, setOut } = keeping;
  const action = cooling?.action;
  const wanting = action === 'COOL_FASTER' || action === 'COOL_FASTER_OR_REHEAT';
  const { data: ways } = useWays(keeping.id, wanting);
  const lost = action === 'DISCARD' || hold?.state === 'DISCARD' || setOut?.state === 'DISCARD';
  const close = () => setOpen(undefined);
  const best = ways?.[0];
  const { units } = kitchen.settings;
  const acts = (
    <>
      <Act
        words="Read it"
        main={!lost && !setOut && action !== 'PUT_AWAY'}
        onAct={() => setOpen({ sheet: 'read' })}
      />
      {cooling && !lost && (
        <Act
          words="Stirred it through"
          onAct={() => void sendKept('/stirrings', { id: newId() }, keeping.id)}
        />
      )}
      {cooling && !lost && (
        <Act
          words="Cool it otherwise"
          onAct={() => setOpen({ sheet: 'place', ...(best ? { offered: best.choice } : {}) })}
        />
      )}
      {action === 'COOL_FASTER_OR_REHEAT' && (
        <Act
          words="Reheat and begin again"
          onAct={() => setOpen({ sheet: 'reheat', ...(best ? { offered: best.choice } : {}) })}
        />
      )}
      {hold && !lost && <Act words="Top it up" onAct={() => setOpen({ sheet: 'top-up' })} />}
      {action === 'PUT_AWAY' && (
        <Button
          variant="contained"
          component={Link}
          to={`/keep/put-away?cooling=${keeping.id}`}
          sx={{ minHeight: { xs: sizes.target, md: sizes.act } }}
        >
          Into tubs
        </Button>
      )}
      <Act
        words={lost ? 'Throw it away' : 'Done with it'}
        main={lost}
        onAct={() =>
          setOpen({ sheet: 'close', first: lost ? 'DISCARDED' : cooling ? 'PUT_AWAY' : 'SERVED' })
        }
      />
    </>
  );
  const below =
    (wanting && ways !== undefined) || hold ? (
      <>
        {wanting &&
          ways &&
          (best ? (
            <Typography>
              <b>{wayOut(best, units)}.</b> {ways[1] && `Or ${wayOut(ways[1], units)}.`}
            </Typography>
          ) : (
            <Typography>
              No pans and cold places of this kitchen make it from here: more and shallower pans, or
              a chiller.
            </Typography>
          ))}
        {hold && <Quality hold={hold} now={now} zone={kitchen.settings.zone} kitchen={kitchen} />}
      </>
    ) : undefined;
  return (
    <Box component="li" sx={{ listStyle: 'none' }}>
      <Rail
        keeping={keeping}
        kitchen={kitchen}
        now={now}
        inForce={inForce}
        acts={acts}
        record={<Entries keeping={keeping} kitchen={kitchen} />}
        below={below}
      />
      {open?.sheet === 'read' && <ReadSheet keeping={keeping} kitchen={kitchen} onClose={close} />}
      {open?.sheet === 'top-up' && (
        <TopUpSheet keeping={keeping} kitchen={kitchen} onClose={close} />
      )}
      {(open?.sheet === 'place' || open?.sheet === 'reheat') && (
        <PlaceSheet
          keeping={keeping}
          kitchen={kitchen}
          offered={open.offered}
          reheat={open.sheet === 'reheat'}
          onClose={close}
        />
      )}
      {open?.sheet === 'close' && (
        <CloseSheet keeping={keeping} first={open.first} onClose={close} />
      )}
    </Box>
  );
}

function Quality({
  hold,
  now,
  zone,
  kitchen,
}: {
  hold: NonNullable<KeepingView['hold']>;
  now: number;
  zone: string;
  kitchen: KitchenView;
}) {
  const over = new Date(hold.goodUntil).getTime() < now;
  const later =
    hold.toOrder.length > 0
      ? ` Held as a base, without ${hold.toOrder.join(', ').toLowerCase()}, until ${show.hour(hold.baseUntil, zone)}: those go in to order.`
      : '';
  const loosen =
    hold.loosenKilograms === undefined
      ? ''
      : ` It sets: ${show.text(show.poured(hold.loosenKilograms / 1000, kitchen.settings.units))} of ${hold.loosenHow}.`;
  return (
    <Typography sx={{ fontSize: sizes.note, color: 'text.secondary' }}>
      {over ? 'Past its best since' : 'At its best until'} {show.hour(hold.goodUntil, zone)}:{' '}
      {hold.because}.{later}
      {loosen}
    </Typography>
  );
}

const WHAT: Record<string, string> = {
  Read: 'read',
  Placed: 'put otherwise',
  Stirred: 'stirred through',
  Reheated: 'reheated',
  ToppedUp: 'topped up',
  StruckOut: 'struck out',
};

/** The record, entry by entry; a wrong one is struck out and stays readable. */
function Entries({ keeping, kitchen }: { keeping: KeepingView; kitchen: KitchenView }) {
  const { sendKept } = useOutbox();
  const { units, zone } = kitchen.settings;
  const strike = (eventId: string) =>
    void sendKept(
      '/strike-outs',
      { id: newId(), eventId, reason: 'struck out at the rail' },
      keeping.id,
    );
  if (keeping.entries.length === 0) return null;
  return (
    <Box
      component="ul"
      aria-label={`Record of ${keeping.name}`}
      sx={{
        listStyle: 'none',
        p: 0,
        m: 0,
        ml: { md: 'auto' },
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 2,
        justifyContent: { md: 'flex-end' },
        flex: { xs: '1 1 100%', md: '1 1 0' },
      }}
    >
      {keeping.entries
        .filter((e) => e.what !== 'StruckOut')
        .map((e) => (
          <Box
            component="li"
            key={e.id}
            sx={{
              fontSize: sizes.small,
              color: 'text.secondary',
              whiteSpace: { md: e.setup ? 'normal' : 'nowrap' },
              textDecoration: e.struckOut ? 'line-through' : 'none',
            }}
          >
            {show.hour(e.at, zone)} {WHAT[e.what]}
            {e.celsius === undefined ? '' : ` ${degrees(e.celsius, units)}`}
            {e.kilograms === undefined
              ? ''
              : ` ${show.text(show.poured(e.kilograms / 1000, units))}`}
            {e.setup ? `: ${standing(e.setup, units)}` : ''}
            {e.what === 'Read' && !e.struckOut && (
              <Button
                onClick={() => strike(e.id)}
                aria-label={`Strike out ${e.celsius === undefined ? '' : degrees(e.celsius, units)} of ${show.hour(e.at, zone)}`}
                sx={{ minWidth: 0, minHeight: 24, p: 0, ml: 0.75, fontSize: 'inherit' }}
              >
                strike out
              </Button>
            )}
          </Box>
        ))}
    </Box>
  );
}
