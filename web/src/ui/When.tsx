import { QuantityField, parseHour } from '../quantities';

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
  return (
    <QuantityField
      label="When, if not just now"
      text={text}
      onText={onText}
      understood={text ? 'today’s clock' : 'now'}
      fault={fault ?? whenFault(text)}
      numeric={false}
    />
  );
}

export function whenFault(text: string): string | undefined {
  const hour = parseHour(text);
  return text && hour.outcome === 'refuse' ? hour.message : undefined;
}

/** The part of a write that says when; nothing where it is now. */
export function happened(text: string): { happenedLocalTime?: string } {
  const hour = parseHour(text);
  return text && hour.outcome === 'understood' ? { happenedLocalTime: hour.localTime } : {};
}
