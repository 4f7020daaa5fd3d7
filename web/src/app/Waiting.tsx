import { Box, Button } from '@mui/material';
import { useKitchen } from '../api/kitchen';
import { useEntries, useRetries, type Entry } from '../api/outbox';
import { ProblemError } from '../api/problem';
import { show } from '../quantities';
import { Note } from '../ui/Note';

const TYPED: [suffix: string, words: string][] = [
  ['/readings', 'A reading'], ['/strike-outs', 'A strike-out'], ['/restorations', 'A reading put back'], ['/simmer-starts', 'The start of the simmer'], ['/finishes', 'The end of a batch'], ['/batches', 'A batch that was lit'], ['/coolings', 'A cooling'], ['/holds', 'A hold'], ['/set-outs', 'Something set out'], ['/placings', 'Another place to cool'], ['/top-ups', 'A top-up'], ['/closings', 'The end of what was kept'], ['/lots', 'Tubs put away'], ['/moves', 'Tubs moved'], ['/uses', 'Tubs used'], ['/discards', 'Tubs thrown away'],
];

/** What was typed while the server was away: nothing of it is lost, and nothing vanishes unsaid. */
export function Waiting() {
  const { waiting, refused, leaveOut } = useEntries();
  useRetries(waiting.length);
  const zone = useKitchen().data?.settings.zone;
  if (waiting.length + refused.length === 0) return null;
  return (
    <Box sx={{ px: { xs: 2, md: 3.5 }, pt: 2, display: 'flex', flexDirection: 'column', gap: 1 }}>
      {waiting.length > 0 && <Note>{waiting.length} {waiting.length === 1 ? 'entry waits' : 'entries wait'} on this device for the kitchen’s server. Nothing is lost.</Note>}
      {refused.map((entry) => (
        <Note key={entry.key} tone="tomato">
          {words(entry, zone)}
          <Button onClick={() => leaveOut(entry.key)} sx={{ ml: 1, color: 'text.primary', textDecoration: 'underline' }}>Leave it out</Button>
        </Note>
      ))}
    </Box>
  );
}

function words({ path, typedAt, body, problem }: Entry, zone: string | undefined): string {
  const what = TYPED.find(([suffix]) => path.endsWith(suffix))?.[1] ?? 'An entry';
  const entered = typeof body.enteredText === 'string' && body.enteredText ? ` ‘${body.enteredText}’` : '';
  const when = zone ? `, typed at ${show.hour(typedAt, zone)},` : '';
  return `${what}${entered}${when} was not taken. ${problem ? new ProblemError(problem).summary : ''}`;
}
