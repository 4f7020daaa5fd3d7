import { useOutbox, type KeptBodies } from '../../api/outbox';
import { useWritten } from '../../ui/useWritten';

/** One entry about something kept, or the beginning of one. */
export function useKept(keepingId: string | undefined, onWritten: () => void) {
  const { sendKept } = useOutbox();
  return useWritten<KeptBodies>((path, body) => sendKept(path, body, keepingId), onWritten);
}

/** What a bare number means in this kitchen, and the text with its unit, as it is sent. */
export const degreesTyped = (
  text: string,
  units: 'METRIC' | 'US',
): { own: string; entered: string } => ({
  own: units === 'US' ? 'f' : 'c',
  entered: /^[\s\d.,-]+$/.test(text) ? `${text.trim()} ${units === 'US' ? '°F' : '°C'}` : text,
});
