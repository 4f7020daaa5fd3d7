import { useState } from 'react';
import type { LineReading } from '../../api/client';
import type { DraftLine, DraftStage } from './draft';
import type { DraftOps } from './useDraft';

/** The list without one of these lines, once. */
const without = (lines: string[], line: string) =>
  lines.includes(line) ? lines.toSpliced(lines.indexOf(line), 1) : lines;

/** A list that is read into a stage: what is understood becomes lines, the rest stays open. */
export function useReading(stage: DraftStage, ops: DraftOps) {
  const [pasted, setPasted] = useState('');
  const [asked, setAsked] = useState<LineReading[]>([]);
  const [answering, setAnswering] = useState('');
  const open = (unread: string[]) => ops.changeStage(stage.key, { unread });
  return {
    pasted,
    setPasted,
    asked,
    read: (lines: DraftLine[], questions: LineReading[]) => {
      ops.addLines(stage.key, lines);
      open([...without(stage.unread, answering), ...questions.map((r) => r.text)]);
      setAsked([...asked, ...questions]);
      setAnswering('');
      setPasted('');
    },
    answer: (line: string) => {
      setAnswering(line);
      setPasted(line);
    },
    drop: (line: string) => open(without(stage.unread, line)),
  };
}
