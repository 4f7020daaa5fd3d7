import { Link } from 'react-router';
import { useLots } from '../../api/lots';
import { Note } from '../../ui/Note';

/** Lots whose labels, printed by an earlier release, do not say what is in them. */
export function LabelsToCheck() {
  const { data: lots = [] } = useLots();
  const wrong = lots.filter((l) => l.checkLabels);
  if (wrong.length === 0) return null;
  return (
    <Note tone="tomato">
      Check these lots, their labels do not say what is in them:{' '}
      {wrong.map((l, i) => (
        <span key={l.id}>
          {i > 0 && ', '}
          <Link to={`/keep/lots/${l.id}`}>
            {l.name}, {l.code}
          </Link>
        </span>
      ))}
      .
    </Note>
  );
}
