import type { FormulaView } from '../../api/client';
import { said, show, type Units } from '../../quantities';
import { Text } from '../../ui/text';
import { VESSELS } from './words';

type Stage = FormulaView['stages'][number];
type Course = Stage['course'];

/** What ends a stage, in a cook's words; nothing where its minutes say it. */
export function endWords(course: Course, units: Units): string {
  const value = course.endValue ?? 0;
  const typed = said(course.endText);
  switch (course.end) {
    case 'THICK':
      return 'until thick enough';
    case 'CUE':
      return 'as its cue shows';
    case 'ALL_IN':
      return 'until all is in';
    case 'SOLIDS':
      return `until ${typed || `${show.plain(Math.round(value * 1000) / 10)} % solids`}`;
    case 'MASS':
      return `down to ${typed || show.text(show.mass(value, units))}`;
    case 'VOLUME':
      return `down to ${typed || show.text(show.volume(value, units))}`;
    case 'DEPTH':
      return `down to ${typed || show.text(show.depth(value, units))}`;
    case 'TEMPERATURE':
      return `until ${typed || show.text(show.temperature(value, units, 0))}`;
    default:
      return '';
  }
}

function moveWords(move: Course['moves'][number], stages: Stage[]): string {
  const name = stages
    .flatMap((s) => s.lines)
    .find((l) => l.ingredientId === move.ingredientId)
    ?.name.toLowerCase();
  const some = move.shareFraction < 1 ? `${Math.round(move.shareFraction * 100)} % of ` : '';
  const when =
    move.afterMinutes === undefined ? '' : ` after ${show.text(show.span(move.afterMinutes * 60))}`;
  return move.way === 'OUT'
    ? `${some}${name ?? ''} out${when || ' at its end'}`
    : `${some}${name ?? ''} back in${when}`;
}

interface Props {
  stage: Stage;
  stages: Stage[];
}

/** What it is cooked in, with which machines, and which pieces come and go. */
export function CourseWords({ stage: { course }, stages }: Props) {
  const needs = [course.vessel === 'POT' ? '' : `in ${VESSELS[course.vessel]}`, ...course.tools];
  const words = needs.filter(Boolean).join(' · ');
  return (
    <>
      {words && <Text size="note">{words}</Text>}
      {course.moves.length > 0 && (
        <Text size="note" strong>
          {course.moves.map((m) => moveWords(m, stages)).join('; ')}
        </Text>
      )}
    </>
  );
}
