import { Box, Button } from '@mui/material';
import { useKitchen } from '../api/kitchen';
import { nameOf, useEntries, useRetries, type Entry } from '../api/outbox';
import { ProblemError } from '../api/problem';
import { show } from '../quantities';
import { Note } from '../ui/Note';

/** What was typed while the server was away: nothing of it is lost, and nothing vanishes unsaid. */
export function Waiting() {
  const { waiting, parked, leaveOut, sendAgain } = useEntries();
  useRetries(waiting.length);
  const zone = useKitchen().data?.settings.zone;
  if (waiting.length + parked.length === 0) return null;
  return (
    <Box
      sx={{
        px: { xs: 2, md: 3.5 },
        pt: 2,
        display: 'flex',
        flexDirection: 'column',
        gap: 1,
        position: 'sticky',
        top: 0,
        zIndex: 5,
        maxHeight: '33dvh',
        overflowY: 'auto',
      }}
    >
      {waiting.length > 0 && (
        <Note>
          {waiting.length} {waiting.length === 1 ? 'entry waits' : 'entries wait'} on this device
          for the kitchen’s server. Nothing is lost.
        </Note>
      )}
      {parked.map((entry) => (
        <Note key={entry.key} tone="tomato">
          {words(entry, zone)}
          <Button
            onClick={() => void sendAgain(entry)}
            sx={{ ml: 1, color: 'text.primary', textDecoration: 'underline' }}
          >
            Send it again
          </Button>
          <Button
            onClick={() => void leaveOut(entry.key)}
            sx={{ ml: 1, color: 'text.primary', textDecoration: 'underline' }}
          >
            Leave it out
          </Button>
        </Note>
      ))}
    </Box>
  );
}

/** What was typed of it, where it was typed. */
function typed(body: Record<string, unknown>): string {
  const texts = ['enteredText', 'massText', 'food', 'step', 'note', 'dish', 'reason'].map(
    (field) => body[field],
  );
  const text = texts.find((each): each is string => typeof each === 'string' && each !== '');
  return text ? ` ‘${text}’` : '';
}

function words(entry: Entry, zone: string | undefined): string {
  const when = zone ? `, typed at ${show.hour(entry.typedAt, zone)},` : '';
  return `${nameOf(entry)}${typed(entry.body)}${when} was not taken. ${entry.problem ? new ProblemError(entry.problem).summary : ''}`;
}
