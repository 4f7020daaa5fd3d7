import { newId, type KeepingView, type KitchenView } from '../../api/client';
import { useOutbox } from '../../api/outbox';
import { show } from '../../quantities';
import { useAct } from '../../ui/useAct';
import { EntryItem, EntryList, StrikeButton } from './keep.styles';
import { degrees, standing } from './words';

const WHAT: Record<string, string> = {
  Read: 'read',
  Placed: 'put otherwise',
  Stirred: 'stirred through',
  Reheated: 'reheated',
  ToppedUp: 'topped up',
};

interface Props {
  keeping: KeepingView;
  kitchen: KitchenView;
}

/** The record, entry by entry; a wrong one is struck out and stays readable. */
export function Entries({ keeping, kitchen }: Props) {
  const entries = keeping.entries.filter((e) => e.what !== 'StruckOut');
  if (keeping.entries.length === 0) return null;
  return (
    <EntryList aria-label={`Record of ${keeping.name}`}>
      {entries.map((e) => (
        <Entry key={e.id} entry={e} keepingId={keeping.id} kitchen={kitchen} />
      ))}
    </EntryList>
  );
}

interface EntryProps {
  entry: KeepingView['entries'][number];
  keepingId: string;
  kitchen: KitchenView;
}
function Entry({ entry: e, keepingId, kitchen }: EntryProps) {
  const { sendKept } = useOutbox();
  const { act } = useAct();
  const { units, zone } = kitchen.settings;
  const read = e.celsius === undefined ? '' : degrees(e.celsius, units);
  const water = e.kilograms === undefined ? '' : show.text(show.poured(e.kilograms / 1000, units));
  const strike = () =>
    sendKept(
      '/strike-outs',
      { id: newId(), eventId: e.id, reason: 'struck out at the rail' },
      keepingId,
    );
  return (
    <EntryItem struckOut={e.struckOut} long={e.setup !== undefined}>
      {[show.hour(e.at, zone), WHAT[e.what], read, water].filter(Boolean).join(' ')}
      {e.setup ? `: ${standing(e.setup, units)}` : ''}
      {e.what === 'Read' && !e.struckOut && (
        <StrikeButton
          onClick={() => act(strike)}
          aria-label={`Strike out ${read} of ${show.hour(e.at, zone)}`}
        >
          strike out
        </StrikeButton>
      )}
    </EntryItem>
  );
}
