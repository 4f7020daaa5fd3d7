import { useNow } from '../api/clock';
import { useKnownKitchen } from '../api/kitchen';
import { QuantityField, lastWords, parseHour } from '../quantities';

/** When it happened: empty means now. */
export function When({
  text,
  onText,
  fault,
}: {
  text: string;
  onText: (text: string) => void;
  fault?: string | undefined;
}) {
  const understood = useLastWords(text);
  return (
    <QuantityField
      label="When, if not just now"
      text={text}
      onText={onText}
      understood={understood}
      fault={fault ?? whenFault(text)}
      numeric={false}
    />
  );
}

/** The last such hour, with its day. */
export function useLastWords(text: string): string {
  const kitchen = useKnownKitchen();
  const now = useNow();
  const hour = parseHour(text);
  if (!text) return 'now';
  if (!kitchen || hour.outcome === 'refuse') return '';
  return lastWords(hour.localTime, kitchen.settings.zone, now);
}

export function whenFault(text: string): string | undefined {
  if (!text) return undefined;
  const hour = parseHour(text);
  if (hour.outcome === 'refuse') return hour.message;
  return hour.localDate ? 'Type the hour alone: the last such hour is meant.' : undefined;
}

/** The part of a write that says when; nothing where it is now. */
export function happened(text: string): { happenedLocalTime?: string } {
  const hour = parseHour(text);
  return text && hour.outcome === 'understood' ? { happenedLocalTime: hour.localTime } : {};
}
