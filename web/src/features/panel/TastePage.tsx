import { usePolling } from '../../api/changes';
import { Box, Button, Typography } from '@mui/material';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { client, newId, type TasterView } from '../../api/client';
import { answered, ProblemError } from '../../api/problem';
import { faces, sizes } from '../../theme/tokens';
import { Note } from '../../ui/Note';
import { TextLine } from '../../ui/fields';

const REFRESH_MS = 4000;
const KEPT = 'urnstew.device';

/** This phone, so that it keeps its seat. */
function device(): string {
  const known = localStorage.getItem(KEPT);
  if (known) return known;
  const made = newId();
  localStorage.setItem(KEPT, made);
  return made;
}

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
    <Box
      component="main"
      sx={{
        minHeight: '100dvh',
        bgcolor: 'background.paper',
        p: 2.5,
        maxWidth: sizes.phone,
        mx: 'auto',
        display: 'flex',
        flexDirection: 'column',
        gap: 2,
      }}
    >
      {error && (
        <Note tone="tomato">{error instanceof ProblemError ? error.summary : error.message}</Note>
      )}
      {data &&
        (data.closed ? (
          <Closed />
        ) : (
          <Taste key={data.ranked.join()} seat={data} path={path} onVoted={() => void refetch()} />
        ))}
    </Box>
  );
}

const Closed = () => (
  <>
    <Typography variant="h1">The tasting is closed</Typography>
    <Typography>Thank you. Ask the host what was in the cups.</Typography>
  </>
);

function Taste({
  seat,
  path,
  onVoted,
}: {
  seat: TasterView;
  path: { id: string; device: string };
  onVoted: () => void;
}) {
  const [order, setOrder] = useState<number[]>([]);
  const [note, setNote] = useState('');
  const [fault, setFault] = useState<string>();
  const [again, setAgain] = useState(false);
  const pair = seat.codes.length === 2;
  const places = pair ? 1 : seat.codes.length;
  if (seat.ranked.length > 0 && !again) {
    return (
      <>
        <Typography variant="h1">Thank you</Typography>
        <Typography sx={{ fontSize: sizes.lead }}>
          {pair ? `You like ${seat.ranked[0]} better.` : `Your order: ${seat.ranked.join(', ')}.`}
        </Typography>
        <Button variant="outlined" sx={{ minHeight: sizes.target }} onClick={() => setAgain(true)}>
          Answer anew
        </Button>
      </>
    );
  }
  const send = async () => {
    const codes = [...order, ...seat.codes.filter((c) => !order.includes(c))];
    try {
      await answered(
        client.PUT('/api/panels/{id}/seats/{device}/vote', {
          params: { path },
          body: { codes, note },
        }),
      );
      setAgain(false);
      onVoted();
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e;
      setFault(e.summary);
    }
  };
  const tap = (code: number) =>
    setOrder(
      order.includes(code) ? order.filter((c) => c !== code) : [...order, code].slice(-places),
    );
  return (
    <>
      <Typography variant="h1">Seat {seat.seat}: taste in this order</Typography>
      <Typography sx={{ fontSize: sizes.lead }}>
        {pair
          ? 'The upper one first. Then tap the one that you like better.'
          : 'From the first to the last, then tap them: the best first, the worst last.'}{' '}
        A clean spoon for each; water between.
      </Typography>
      <Note>Of all the cups together: {seat.contains}. Do not taste what you must not have.</Note>
      <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.25 }}>
        {seat.codes.map((code) => {
          const place = order.indexOf(code);
          return (
            <Button
              key={code}
              variant={place < 0 ? 'outlined' : 'contained'}
              onClick={() => tap(code)}
              aria-pressed={place >= 0}
              sx={{ minHeight: sizes.taste, justifyContent: 'space-between', px: 3 }}
            >
              <Box component="span" sx={{ fontFamily: faces.figures, fontSize: sizes.figureLarge }}>
                {code}
              </Box>
              <Box component="span" sx={{ fontSize: sizes.lead }}>
                {placeWords(place, pair, places)}
              </Box>
            </Button>
          );
        })}
      </Box>
      <TextLine label="A word about them, if you like" text={note} onText={setNote} />
      {fault && <Note tone="tomato">{fault}</Note>}
      <Button
        variant="contained"
        color="success"
        disabled={order.length < places}
        sx={{ minHeight: sizes.target }}
        onClick={() => void send()}
      >
        Send
      </Button>
    </>
  );
}

function placeWords(place: number, pair: boolean, places: number): string {
  if (place < 0) return '';
  if (pair) return 'better';
  if (place === 0) return 'best';
  return place === places - 1 ? 'worst' : `${place + 1}.`;
}
