import { usePolling } from '../../api/changes';
import { Button } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { client, device, type TasterView } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';
import { TextLine } from '../../ui/fields';
import { Column } from '../../ui/layout';
import { Text, Span } from '../../ui/text';
import { useSheet } from '../../ui/useSheet';
import { PlaceButton, TasterScreen } from './panel.styles';

const REFRESH_MS = 4000;

/** On a taster's phone: cups by their numbers alone, in this seat's order; tapped the best first. */
export function TastePage() {
  const { id = '' } = useParams();
  const [phone] = useState(device);
  const path = { id, device: phone };
  const { data, error, refetch } = useQuery({
    queryKey: ['taste', id, phone],
    queryFn: () => answered(client.PUT('/api/panels/{id}/seats/{device}', { params: { path } })),
    refetchInterval: usePolling(REFRESH_MS),
  });
  return (
    <TasterScreen>
      {error && (
        <Note tone="tomato">{error instanceof ProblemError ? error.summary : error.message}</Note>
      )}
      {data &&
        (data.closed ? (
          <Closed />
        ) : (
          <Taste key={data.ranked.join()} seat={data} path={path} onVoted={refetch} />
        ))}
    </TasterScreen>
  );
}

const Closed = () => (
  <>
    <Text variant="h1">The tasting is closed</Text>
    <Text>Thank you. Ask the host what was in the cups.</Text>
  </>
);

interface TasteProps {
  seat: TasterView;
  path: { id: string; device: string };
  onVoted: () => Promise<unknown>;
}

function Taste({ seat, path, onVoted }: TasteProps) {
  const [again, setAgain] = useState(false);
  if (seat.ranked.length > 0 && !again)
    return <Thanks seat={seat} onAgain={() => setAgain(true)} />;
  return (
    <Answer
      seat={seat}
      path={path}
      onVoted={async () => {
        setAgain(false);
        await onVoted();
      }}
    />
  );
}

function Thanks({ seat, onAgain }: { seat: TasterView; onAgain: () => void }) {
  const words =
    seat.codes.length === 2
      ? `You like ${seat.ranked[0]} better.`
      : `Your order: ${seat.ranked.join(', ')}.`;
  return (
    <>
      <Text variant="h1">Thank you</Text>
      <Text size="lead">{words}</Text>
      <Button size="large" variant="outlined" onClick={onAgain}>
        Answer anew
      </Button>
    </>
  );
}

/** Cups are tapped, the best first; the one that is left is the last. */
function Answer({ seat, path, onVoted }: TasteProps) {
  const [order, setOrder] = useState<number[]>([]);
  const { values, put, attempt, refused } = useSheet({ note: '' });
  const pair = seat.codes.length === 2;
  const places = pair ? 1 : seat.codes.length;
  const send = async () => {
    const codes = [...order, ...seat.codes.filter((c) => !order.includes(c))];
    const to = { params: { path }, body: { codes, note: values.note } };
    if (await attempt(() => answered(client.PUT('/api/panels/{id}/seats/{device}/vote', to))))
      await onVoted();
  };
  const tap = (code: number) =>
    setOrder(
      order.includes(code) ? order.filter((c) => c !== code) : [...order, code].slice(-places),
    );
  return (
    <>
      <Text variant="h1">Seat {seat.seat}: taste in this order</Text>
      <Text size="lead">
        {pair
          ? 'The upper one first. Then tap the one that you like better.'
          : 'From the first to the last, then tap them: the best first, the worst last.'}{' '}
        A clean spoon for each; water between.
      </Text>
      <Note>Of all the cups together: {seat.contains}. Do not taste what you must not have.</Note>
      <Column gap={1.25}>
        {seat.codes.map((code) => {
          const place = order.indexOf(code);
          return (
            <PlaceButton
              key={code}
              variant={place < 0 ? 'outlined' : 'contained'}
              onClick={() => tap(code)}
              aria-pressed={place >= 0}
            >
              <Span size="large" figures>
                {code}
              </Span>
              <Span size="lead">{placeWords(place, pair, places)}</Span>
            </PlaceButton>
          );
        })}
      </Column>
      <TextLine
        label="A word about them, if you like"
        text={values.note}
        onText={(to) => put('note', to)}
      />
      {refused && <Note tone="tomato">{refused.summary}</Note>}
      <ActButton
        size="large"
        variant="contained"
        color="success"
        disabled={order.length < places}
        onAct={send}
      >
        Send
      </ActButton>
    </>
  );
}

function placeWords(place: number, pair: boolean, places: number): string {
  if (place < 0) return '';
  if (pair) return 'better';
  if (place === 0) return 'best';
  return place === places - 1 ? 'worst' : `${place + 1}.`;
}
