import type { PlanPreview } from '../../api/client';
import { show } from '../../quantities';
import { Note } from '../../ui/Note';

type InTheWayView = PlanPreview['inTheWay'][number];

/** What may still stand there when this is to be lit. */
export function InTheWay({ preview, zone }: { preview: PlanPreview; zone: string }) {
  const light = preview.plan.hours?.lightAt;
  return (
    <>
      {preview.inTheWay.map((one) => (
        <Note key={one.name}>{words(one, light, zone)}</Note>
      ))}
    </>
  );
}

function words(one: InTheWayView, light: string | undefined, zone: string): string {
  const there = `${one.name} may still be ${one.inThatPot ? 'in that pot' : 'in that place'}${light ? ` at ${show.hour(light, zone)}` : ''}`;
  if (!one.likelyFree || !one.latestFree) return `${there}: nobody knows until when.`;
  return `${there}: it is free about ${show.hour(one.likelyFree, zone)}, at the latest ${show.hour(one.latestFree, zone)}.`;
}
