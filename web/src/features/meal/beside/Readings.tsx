import { Button } from '@mui/material';
import { TextLine } from '../../../ui/fields';
import { Typed } from './beside.styles';
import type { ReadingText } from './besideText';

interface Props {
  readings: ReadingText[];
  change: (readings: ReadingText[]) => void;
  /** At most so many. */
  most?: number;
}

/** What a probe shows, so long after the first heat. */
export function Readings({ readings, change, most = 12 }: Props) {
  const set = (i: number, to: Partial<ReadingText>) =>
    change(readings.map((r, at) => (at === i ? { ...r, ...to } : r)));
  return (
    <>
      {readings.map((r, i) => (
        <Typed key={i}>
          <TextLine
            label={`Probe ${i + 1}, after`}
            text={r.minutes}
            onText={(minutes) => set(i, { minutes })}
          />
          <TextLine
            label={`Probe ${i + 1} shows`}
            text={r.core}
            onText={(core) => set(i, { core })}
          />
          <Button
            size="small"
            aria-label={`Take out probe ${i + 1}`}
            onClick={() => change(readings.toSpliced(i, 1))}
          >
            ×
          </Button>
        </Typed>
      ))}
      {readings.length < most && (
        <Button size="small" onClick={() => change([...readings, { minutes: '', core: '' }])}>
          A probe shows
        </Button>
      )}
    </>
  );
}
