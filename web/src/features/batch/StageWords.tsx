import type { BatchView, StageView } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Text } from '../../ui/text';

interface Props {
  stage: StageView;
  batch: BatchView;
  units: Units;
}

/**
 * What goes in at once with how much, and where it can hurt. What must come out is counted by a
 * step of its own; what the finish lets in, here.
 */
export function StageWords({ stage, batch, units }: Props) {
  const mass = (kilograms: number) => show.text(show.mass(kilograms, units));
  const instead = (kilograms: number | undefined) =>
    kilograms === undefined ? '' : ` (or ${mass(kilograms)})`;
  const lines = batch.forecast.lines
    .filter((l) => l.stage === stage.title && !l.poured && (stage.role === 'FINISH' || !l.later))
    .map((l) => `${mass(l.dueKilograms)} ${l.name.toLowerCase()}${instead(l.offeredKilograms)}`);
  return (
    <>
      {lines.length > 0 && <Text size="note">{lines.join(', ')}</Text>}
      {stage.caution && (
        <Text tone="warn" size="note" strong>
          Mind: {stage.caution}
        </Text>
      )}
      {stage.role === 'FINISH' && stage.takeOuts.length > 0 && (
        <Text size="note" strong>
          take out: {stage.takeOuts.join(', ')}
        </Text>
      )}
    </>
  );
}
