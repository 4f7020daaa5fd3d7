import { Box, Button, Typography } from '@mui/material';
import { useState } from 'react';
import { useParams } from 'react-router';
import { client, type KitchenView, type LotView } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { useLot, useTrace } from '../../api/lots';
import { answered } from '../../api/problem';
import { show } from '../../quantities';
import { columns, faces, sizes } from '../../theme/tokens';
import { Declaration } from '../../ui/Declaration';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { ShowWorking } from '../../ui/ShowWorking';
import { DiscardSheet, MoveSheet, SplitSheet, UseSheet, WantSheet } from './LotSheets';
import { CheckLabels } from './CheckLabels';
import { dayOf, holding, longTime } from './lotWords';
import { Steps } from './TracePage';

type Open = 'use' | 'move' | 'split' | 'discard' | 'want';

/** One lot: what it is, how long it is good, where it came from, what is done with it. */
export function LotPage() {
  const { id = '' } = useParams();
  const { data: kitchen } = useKitchen();
  const { data: lot, error } = useLot(id);
  if (!kitchen || !lot)
    return (
      <Page title="Lot" sub="" step="Keep">
        {error && <Note tone="tomato">{error.message}</Note>}
      </Page>
    );
  return <Lot lot={lot} kitchen={kitchen} />;
}

function Lot({ lot, kitchen }: { lot: LotView; kitchen: KitchenView }) {
  const [open, setOpen] = useState<Open>();
  const { data: trace } = useTrace(lot.id);
  const { units, zone } = kitchen.settings;
  const gone = lot.state === 'GONE';
  const late = lot.daysLeft <= 0 && !gone;
  const close = () => setOpen(undefined);
  const print = async () => {
    const bytes = await answered(
      client.GET('/api/lots/{id}/labels.pdf', {
        params: { path: { id: lot.id } },
        parseAs: 'blob',
      }),
    );
    window.open(URL.createObjectURL(bytes as unknown as Blob), '_blank');
  };
  const acts = gone ? undefined : (
    <>
      <Button variant="outlined" onClick={() => void print()}>
        Print labels
      </Button>
      <Button variant={late ? 'contained' : 'outlined'} onClick={() => setOpen('discard')}>
        Throw it away
      </Button>
      {!late && (
        <Button variant="contained" onClick={() => setOpen('use')}>
          Use some
        </Button>
      )}
    </>
  );
  return (
    <Page
      title={`${lot.name}, ${lot.code}`}
      sub={gone ? 'nothing is left of it' : holding(lot, units)}
      step="Keep"
      acts={acts}
    >
      {late && <Note tone="tomato">Its date is past: it is not used any more.</Note>}
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.halves, gap: 4 }}>
        <Box
          component="section"
          aria-label="Dates"
          sx={{ display: 'flex', flexDirection: 'column', gap: 1, minWidth: 0 }}
        >
          <Typography
            sx={{
              fontFamily: faces.figures,
              fontWeight: 800,
              fontSize: sizes.figureLarge,
              lineHeight: 1.1,
              color: late ? 'error.main' : 'text.primary',
            }}
          >
            {lot.useBy
              ? `use by ${dayOf(lot.useBy)}`
              : lot.bestUntil
                ? `best until ${dayOf(lot.bestUntil)}`
                : ''}
          </Typography>
          <Typography>
            Made {dayOf(lot.madeOn)}
            {lot.frozenOn ? `, frozen ${dayOf(lot.frozenOn)}` : ''}
            {lot.thawedOn ? `, thawed from ${dayOf(lot.thawedOn)}` : ''}.{' '}
            {lot.state === 'FROZEN' ? `${lot.daysLeft} days are left for it once it thaws.` : ''}
          </Typography>
          {lot.freezingSeconds > 0 && (
            <Typography>
              A tub freezes through in about {longTime(lot.freezingSeconds)}.{' '}
              <Working lot={lot} figure="freezing" title="Freezing" />
            </Typography>
          )}
          {lot.state === 'FROZEN' && (
            <Typography>
              In the refrigerator a tub thaws through in about {longTime(lot.thawingSeconds)}; after
              a day it slides out and can be heated.
              {lot.moveBy
                ? ` Wanted ${show.day(lot.wantedAt ?? '', zone)}: move it by ${show.day(lot.moveBy, zone)}, ${show.hour(lot.moveBy, zone)}.`
                : ''}
            </Typography>
          )}
          <Typography>
            Reheated to {show.text(show.temperature(lot.reheatCelsius, units, 0))} all through
            {lot.reheatSeconds > 0
              ? `: all of it in about ${show.text(show.span(lot.reheatSeconds))} in the ${lot.reheatOn}, stirred, lid on`
              : ''}
            .{lot.reheatInTime ? '' : ' That is longer than is allowed: less at a time.'}{' '}
            <Working lot={lot} figure="reheating" title="Reheating" />{' '}
            {gone
              ? ''
              : `It is enough for about ${Math.floor(lot.plates)} plates of ${lot.platesOf}.`}
          </Typography>
          <Declaration of={lot.declaration} />
          {lot.checkLabels && <CheckLabels lot={lot} />}
          {lot.fitness !== 'WELL' && (
            <Typography>
              {lot.fitness === 'BADLY' ? 'Freezes badly' : 'Freezes with care'}:{' '}
              {lot.fitnessSays.join('; ')}.
            </Typography>
          )}
          {!lot.coolingRecorded && (
            <Typography sx={{ color: 'text.secondary' }}>
              How it was cooled is not recorded here.
            </Typography>
          )}
          {!gone && (
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 1 }}>
              <Button variant="outlined" onClick={() => setOpen('move')}>
                {lot.state === 'FROZEN' ? 'Move or thaw' : 'Move or freeze'}
              </Button>
              <Button variant="outlined" onClick={() => setOpen('split')}>
                Part it in two
              </Button>
              {lot.state === 'FROZEN' && (
                <Button variant="outlined" onClick={() => setOpen('want')}>
                  Wanted thawed
                </Button>
              )}
            </Box>
          )}
        </Box>
        <Box component="section" aria-label="Trace" sx={{ minWidth: 0 }}>
          <Typography variant="h2">Where it came from</Typography>
          {trace && (
            <Steps steps={trace.from} zone={zone} empty="Nothing is noted of where it came from." />
          )}
          <Typography variant="h2" sx={{ mt: 2 }}>
            Where it went
          </Typography>
          {trace && <Steps steps={trace.to} zone={zone} empty="Nowhere yet." />}
          <Typography variant="h2" sx={{ mt: 2 }}>
            History
          </Typography>
          <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
            {lot.events.map((e) => (
              <Typography
                component="li"
                key={`${e.at}${e.kind}${e.what}`}
                sx={{ fontSize: sizes.note }}
              >
                {show.day(e.at, zone)} {show.hour(e.at, zone)} ·{' '}
                {e.kind.toLowerCase().replace('_', ' ')}
                {e.massKilograms === undefined
                  ? ''
                  : ` ${show.text(show.mass(e.massKilograms, units))}`}
                {e.what ? `: ${e.what}` : ''}
              </Typography>
            ))}
          </Box>
        </Box>
      </Box>
      {open === 'use' && <UseSheet lot={lot} kitchen={kitchen} onClose={close} />}
      {open === 'move' && <MoveSheet lot={lot} kitchen={kitchen} onClose={close} />}
      {open === 'split' && <SplitSheet lot={lot} kitchen={kitchen} onClose={close} />}
      {open === 'want' && <WantSheet lot={lot} kitchen={kitchen} onClose={close} />}
      {open === 'discard' && <DiscardSheet lot={lot} onClose={close} />}
    </Page>
  );
}

function Working({ lot, figure, title }: { lot: LotView; figure: string; title: string }) {
  const working = lot.workings.find((w) => w.figure === figure);
  return working ? <ShowWorking working={working} title={title} /> : null;
}
