import { useKitchen } from '../api/kitchen';
import { nameOf, useEntries, useRetries, type Entry } from '../api/outbox';
import { ProblemError } from '../api/problem';
import { show } from '../quantities';
import { ActButton } from '../ui/ActButton';
import { Note } from '../ui/Note';
import { Strip } from '../ui/ui.styles';

/** What was typed while the server was away: nothing of it is lost, and nothing vanishes unsaid. */
export function Waiting() {
  const { waiting, parked, leaveOut, sendAgain } = useEntries();
  useRetries(waiting.length);
  const zone = useKitchen().data?.settings.zone;
  if (waiting.length + parked.length === 0) return null;
  return (
    <Strip>
      {waiting.length > 0 && (
        <Note>
          {waiting.length} {waiting.length === 1 ? 'entry waits' : 'entries wait'} on this device
          for the kitchen’s server. Nothing is lost.
        </Note>
      )}
      {parked.map((entry) => (
        <Note key={entry.key} tone="tomato">
          {words(entry, zone)}{' '}
          <ActButton color="inherit" onAct={() => sendAgain(entry)}>
            <u>Send it again</u>
          </ActButton>
          <ActButton color="inherit" onAct={() => leaveOut(entry.key)}>
            <u>Leave it out</u>
          </ActButton>
        </Note>
      ))}
    </Strip>
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
  const why = entry.problem ? new ProblemError(entry.problem).summary : '';
  return `${nameOf(entry)}${typed(entry.body)}${when} was not taken. ${why}`;
}
