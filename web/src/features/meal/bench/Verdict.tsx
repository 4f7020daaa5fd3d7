import type { BenchConflictView, BenchView } from '../../../api/client';
import { show } from '../../../quantities';
import { Note } from '../../../ui/Note';
import { Text } from '../../../ui/text';
import { named } from './named';

/** Whether all of it is hot at its hour; where not, why, and what each way out costs. */
export function Verdict({
  bench,
  conflict,
}: {
  bench: BenchView;
  conflict: BenchConflictView | undefined;
}) {
  const { verdict, spareSeconds = 0, proven } = bench;
  const fits = verdict === 'FITS';
  if (fits)
    return (
      <>
        <Text tone="good" strong>
          Fits, {spareSeconds < 60 ? 'hardly a minute' : show.text(show.span(spareSeconds))} to
          spare beyond what varies{proven && ' · nothing can be better'}
        </Text>
        <Text tone="muted" size="note">
          Stirring is reckoned as done in passing. What is frozen is heated from frozen.
        </Text>
        <Learnt bench={bench} />
      </>
    );
  if (verdict === 'TIGHT')
    return (
      <Note tone="brass">
        <strong>{TOLD.TIGHT()}</strong>
        <Text size="note">
          Begin earlier, or give it more time, where the spare of a work is less than it varies.
        </Text>
      </Note>
    );
  return (
    <Note tone="tomato">
      <strong>{TOLD[verdict](bench)}</strong>
      {bench.tooLong.map((t) => (
        <Text key={`${t.before} ${t.after}`} size="note" long>
          {wordsOf(bench, t.before)} waits {show.text(show.span(t.waitsSeconds))} for{' '}
          {wordsOf(bench, t.after)}; {show.text(show.span(t.longestSeconds))} is the most.
        </Text>
      ))}
      {conflict && conflict.wishes.length > 0 && (
        <>
          <Text size="note">Not to be had together; giving up one of them:</Text>
          {conflict.wishes.map((w) => (
            <Text key={`${w.kind} ${w.key} ${w.after ?? ''}`} size="note" long>
              {w.what}
              {w.missedSeconds !== undefined &&
                ` — missed by ${show.text(show.span(w.missedSeconds))}`}
              {!w.helps && ' — not enough alone'}
            </Text>
          ))}
        </>
      )}
    </Note>
  );
}

const KINDS: Partial<Record<BenchView['learnt'][number]['kind'], string>> = {
  PREP: 'cutting',
  STAGE: 'stages',
  FINISH: 'finishing',
  TOSS: 'into the pan',
  BUILD: 'layering',
  PLATE: 'plates',
};
const hundredths = (ratio: number): string => (Math.round(ratio * 100) / 100).toString();

/** By how much hands here were counted longer, or shorter, than is usual. */
function Learnt({ bench }: { bench: BenchView }) {
  const told = bench.learnt.filter((l) => hundredths(l.ratio) !== '1');
  if (told.length === 0) return null;
  return (
    <Text tone="muted" size="note">
      Counted as hands were here:{' '}
      {told
        .map((l) => `${KINDS[l.kind] ?? 'other works'} × ${hundredths(l.ratio)} (of ${l.works})`)
        .join(', ')}
      .
    </Text>
  );
}

const TOLD = {
  FITS: () => '',
  TIGHT: () => 'Fits, with less time to spare than what varies may take.',
  LATE: (b: BenchView) => `Plates would be ${b.lateMinutes} min late, all together.`,
  WAITS: () => 'It can be done only if something waits longer than it may.',
  IMPOSSIBLE: () => 'It cannot be done with these hands, burners and pots.',
  UNKNOWN: () => 'No schedule was found, and nobody can say that there is none.',
} satisfies Record<BenchView['verdict'], (bench: BenchView) => string>;

function wordsOf(bench: BenchView, key: string): string {
  const work = bench.work.find((w) => w.task.key === key);
  return work ? named(work) : key;
}
