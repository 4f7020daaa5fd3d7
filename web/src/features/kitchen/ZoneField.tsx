import { useNow } from '../../api/clock';
import { show } from '../../quantities';
import { SheetField } from '../../ui/SheetField';
import type { FactsSheet } from './useFacts';

/** What the clock on the wall shows in a zone; nothing where there is no such zone. */
function hourIn(zone: string, now: number): string {
  try {
    return `it is ${show.hour(now, zone)}`;
  } catch {
    return '';
  }
}

/** The kitchen's time zone, with the hour that it gives. */
export function ZoneField({ sheet }: { sheet: FactsSheet }) {
  const now = useNow();
  return (
    <SheetField
      of={sheet}
      name="zone"
      label="Time zone"
      pointer="/zone"
      understood={hourIn(sheet.values.zone, now)}
    />
  );
}
