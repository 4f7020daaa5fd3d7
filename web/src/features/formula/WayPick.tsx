import type { School } from '../../api/client';
import { Pick } from '../../ui/fields';

const key = (s: School) => `${s.question}=${s.option}`;

/** Whose way a stage or a line is. */
export function WayPick({
  ways,
  school,
  onPick,
  label,
  hidden = false,
}: {
  ways: School[];
  school: School | undefined;
  onPick: (school: School | undefined) => void;
  label: string;
  hidden?: boolean;
}) {
  const options = [
    ['', 'every way'] as const,
    ...ways.map((w) => [key(w), `${w.question}: ${w.option}`] as const),
  ];
  return (
    <Pick
      label={label}
      hidden={hidden}
      value={school ? key(school) : ''}
      options={options}
      onPick={(v) => onPick(ways.find((w) => key(w) === v))}
    />
  );
}
