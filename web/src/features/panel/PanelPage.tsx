import { usePolling } from '../../api/changes';
import { Box, Button } from '@mui/material';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { QRCodeSVG } from 'qrcode.react';
import { Link, useParams } from 'react-router';
import { client, type PanelView } from '../../api/client';
import { answered } from '../../api/problem';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Row, Well } from '../../ui/layout';
import { Text, Span } from '../../ui/text';
import { CodeGround, CupRow, PanelGrid, SeatRow } from './panel.styles';
import { Pending } from '../../ui/Pending';

const REFRESH_MS = 2000;

/** For the one who asks: codes for the cups, seats, and, once it is closed, what it proves. */
export function PanelPage() {
  const { id = '' } = useParams();
  const polled = usePolling(REFRESH_MS);
  const { data: panel, error } = useQuery({
    queryKey: ['panels', id],
    queryFn: () => answered(client.GET('/api/panels/{id}', { params: { path: { id } } })),
    refetchInterval: (q) => (q.state.data?.closed ? false : polled),
  });
  if (!panel) return <Pending title="Tasting" step="Balance" shape="columns" error={error} />;
  return (
    <Page
      title={`${panel.title}: the table is asked`}
      sub={
        panel.cups.length === 2
          ? 'Two cups, which is liked better'
          : `${panel.cups.length} cups, put in order, the best first`
      }
      step="Balance"
      job={{ batchId: panel.batchId }}
      acts={<PanelActs panel={panel} />}
    >
      {!panel.closed && <Note>Tasters are told of all the cups together: {panel.contains}.</Note>}
      {panel.result && <Result panel={panel} />}
      <PanelGrid>
        <CupList panel={panel} />
        {!panel.closed && <Invite id={id} />}
        <Seats panel={panel} />
      </PanelGrid>
    </Page>
  );
}

function PanelActs({ panel }: { panel: PanelView }) {
  const queries = useQueryClient();
  const { id, batchId, closed, voted } = panel;
  const close = async () => {
    const of = { params: { path: { id } } };
    const now = await answered(client.POST('/api/panels/{id}/closing', of));
    queries.setQueryData(['panels', id], now);
  };
  return (
    <>
      <Button
        component={Link}
        to={batchId ? `/balance?pot=${batchId}` : '/balance'}
        variant="outlined"
      >
        Back to the balance
      </Button>
      {!closed && (
        <ActButton variant="contained" disabled={voted === 0} onAct={close}>
          Close and count
        </ActButton>
      )}
    </>
  );
}

/** The cups by their numbers; how they were liked once it is closed. */
function CupList({ panel: { cups, closed } }: { panel: PanelView }) {
  return (
    <div>
      <Text variant="h2">Cups</Text>
      {cups.map((c) => (
        <CupRow key={c.code}>
          <Text size="large" figures>
            {c.code}
          </Text>
          <Text long sx={{ flex: 1 }}>
            {c.what}
          </Text>
          {closed && (
            <Text end>
              <b>{c.best}</b> best
              {cups.length > 2 && (
                <>
                  {' '}
                  · <b>{c.worst}</b> worst · ranks {c.rankSum}
                </>
              )}
            </Text>
          )}
        </CupRow>
      ))}
      {!closed && (
        <Text tone="muted" sx={{ mt: 1 }}>
          Write the numbers on the cups, out of the tasters’ sight. Equal spoons, equally warm,
          water between.
        </Text>
      )}
    </div>
  );
}

function Result({ panel }: { panel: PanelView }) {
  if (!panel.result) return null;
  const top = panel.cups.toSorted((a, b) => (a.rankSum ?? 0) - (b.rankSum ?? 0))[0];
  return (
    <Well role="status" on={panel.result.proves ? 'good' : 'warn'}>
      <Text variant="h2" component="p">
        {panel.voted === 0 ? 'Nobody has answered' : `Liked best: ${top?.what ?? ''}`}
      </Text>
      <Text>{panel.result.words}</Text>
    </Well>
  );
}

/** A code for phone cameras, and the same to type. */
function Invite({ id }: { id: string }) {
  const url = `${globalThis.location.origin}/taste/${id}`;
  return (
    <Row gap={2} align="center" wrap>
      <CodeGround>
        <QRCodeSVG
          value={url}
          size={168}
          fgColor="black"
          bgColor="white"
          title="Code for the tasters’ phones"
        />
      </CodeGround>
      <Box sx={{ minWidth: 0 }}>
        <Text variant="h2">On each phone</Text>
        <Text long>
          <a href={url}>{url}</a>
        </Text>
        <Text tone="muted" size="note">
          Phones must reach this address: start the kitchen with --host for its network.
        </Text>
      </Box>
    </Row>
  );
}

function Seats({ panel }: { panel: PanelView }) {
  return (
    <Box component="section" aria-label="Seats">
      <Text variant="h2">
        {panel.voted} of {panel.seats.length} have answered
      </Text>
      {panel.seats.map((s) => (
        <SeatRow key={s.seat}>
          <Text>
            Seat {s.seat}: {s.codes.join(', ')}{' '}
            <Span tone={s.voted ? 'good' : 'muted'} strong>
              {s.voted ? '✓ answered' : 'tasting'}
            </Span>
          </Text>
          {s.note && (
            <Text tone="muted" size="note">
              “{s.note}”
            </Text>
          )}
        </SeatRow>
      ))}
      {panel.seats.length === 0 && (
        <Text tone="muted">No phone has joined yet. Each gets a seat and an order of its own.</Text>
      )}
    </Box>
  );
}
