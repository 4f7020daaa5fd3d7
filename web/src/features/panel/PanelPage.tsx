import { usePolling } from '../../api/changes';
import { Box, Button, Typography } from '@mui/material';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { client, type PanelView } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';
import { columns, faces, sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';

const REFRESH_MS = 2000;

/** For the one who asks: codes for the cups, seats, and, once it is closed, what it proves. */
export function PanelPage() {
  const { id = '' } = useParams();
  const queries = useQueryClient();
  const [fault, setFault] = useState<string>();
  const polled = usePolling(REFRESH_MS);
  const { data: panel, error } = useQuery({
    queryKey: ['panels', id],
    queryFn: () => answered(client.GET('/api/panels/{id}', { params: { path: { id } } })),
    refetchInterval: (q) => (q.state.data?.closed ? false : polled),
  });
  if (!panel)
    return (
      <Page title="Tasting" sub="" step="Balance">
        {error && <Note tone="tomato">{error.message}</Note>}
      </Page>
    );
  const close = async () => {
    try {
      queries.setQueryData(
        ['panels', id],
        await answered(client.POST('/api/panels/{id}/closing', { params: { path: { id } } })),
      );
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
    }
  };
  const acts = (
    <>
      <Button
        component={Link}
        to={panel.batchId ? `/balance?pot=${panel.batchId}` : '/balance'}
        variant="outlined"
      >
        Back to the balance
      </Button>
      {!panel.closed && (
        <Button variant="contained" disabled={panel.voted === 0} onClick={() => void close()}>
          Close and count
        </Button>
      )}
    </>
  );
  return (
    <Page
      title={`${panel.title}: the table is asked`}
      sub={
        panel.cups.length === 2
          ? 'Two cups, which is liked better'
          : `${panel.cups.length} cups, put in order, the best first`
      }
      step="Balance"
      acts={acts}
    >
      {fault && <Note tone="tomato">{fault}</Note>}
      {!panel.closed && <Note>Tasters are told of all the cups together: {panel.contains}.</Note>}
      {panel.result && <Result panel={panel} />}
      <Box sx={{ display: 'grid', gridTemplateColumns: columns.halves, columnGap: 4, rowGap: 3 }}>
        <Box>
          <Typography variant="h2">Cups</Typography>
          {panel.cups.map((c) => (
            <Box
              key={c.code}
              sx={{
                display: 'flex',
                gap: 2,
                alignItems: 'baseline',
                borderBottom: 1,
                borderColor: 'divider',
                py: 0.75,
              }}
            >
              <Typography
                sx={{
                  fontFamily: faces.figures,
                  fontWeight: 700,
                  fontSize: sizes.figureLarge,
                  lineHeight: 1,
                }}
              >
                {c.code}
              </Typography>
              <Typography sx={{ flex: 1, overflowWrap: 'anywhere' }}>{c.what}</Typography>
              {panel.closed && (
                <Typography sx={{ textAlign: 'right' }}>
                  <b>{c.best}</b> best
                  {panel.cups.length > 2 && (
                    <>
                      {' '}
                      · <b>{c.worst}</b> worst · ranks {c.rankSum}
                    </>
                  )}
                </Typography>
              )}
            </Box>
          ))}
          {!panel.closed && (
            <Typography sx={{ color: 'text.secondary', mt: 1 }}>
              Write the numbers on the cups, out of the tasters’ sight. Equal spoons, equally warm,
              water between.
            </Typography>
          )}
        </Box>
        {!panel.closed && <Invite id={id} />}
        <Seats panel={panel} />
      </Box>
    </Page>
  );
}

function Result({ panel }: { panel: PanelView }) {
  if (!panel.result) return null;
  const top = panel.cups.toSorted((a, b) => (a.rankSum ?? 0) - (b.rankSum ?? 0))[0];
  return (
    <Box
      role="status"
      sx={{
        bgcolor: panel.result.proves ? 'kitchen.basilSoft' : 'kitchen.brassSoft',
        borderRadius: 1,
        p: 2,
      }}
    >
      <Typography variant="h2" component="p">
        {panel.voted === 0 ? 'Nobody has answered' : `Liked best: ${top?.what ?? ''}`}
      </Typography>
      <Typography>{panel.result.words}</Typography>
    </Box>
  );
}

/** A code for phone cameras, and the same to type. */
function Invite({ id }: { id: string }) {
  const url = `${globalThis.location.origin}/taste/${id}`;
  return (
    <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'center' }}>
      <Box sx={{ bgcolor: 'common.white', p: 1, lineHeight: 0, borderRadius: 1 }}>
        <QRCodeSVG
          value={url}
          size={168}
          fgColor="black"
          bgColor="white"
          title="Code for the tasters’ phones"
        />
      </Box>
      <Box sx={{ minWidth: 0 }}>
        <Typography variant="h2">On each phone</Typography>
        <Typography sx={{ overflowWrap: 'anywhere' }}>
          <a href={url}>{url}</a>
        </Typography>
        <Typography sx={{ color: 'text.secondary', fontSize: sizes.note }}>
          Phones must reach this address: start the kitchen with --host for its network.
        </Typography>
      </Box>
    </Box>
  );
}

function Seats({ panel }: { panel: PanelView }) {
  return (
    <Box component="section" aria-label="Seats">
      <Typography variant="h2">
        {panel.voted} of {panel.seats.length} have answered
      </Typography>
      {panel.seats.map((s) => (
        <Box key={s.seat} sx={{ borderBottom: 1, borderColor: 'divider', py: 0.5 }}>
          <Typography>
            Seat {s.seat}: {s.codes.join(', ')}{' '}
            <Box
              component="span"
              sx={{ color: s.voted ? 'success.main' : 'text.secondary', fontWeight: 600 }}
            >
              {s.voted ? '✓ answered' : 'tasting'}
            </Box>
          </Typography>
          {s.note && (
            <Typography sx={{ color: 'text.secondary', fontSize: sizes.note }}>
              “{s.note}”
            </Typography>
          )}
        </Box>
      ))}
      {panel.seats.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          No phone has joined yet. Each gets a seat and an order of its own.
        </Typography>
      )}
    </Box>
  );
}
