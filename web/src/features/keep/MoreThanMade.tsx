import type { ProblemError } from '../../api/problem';
import { TextLine } from '../../ui/fields';

interface Props {
  because: string;
  onBecause: (text: string) => void;
  refused: ProblemError | undefined;
}

/** Asked for only where more is kept of a batch than it made. */
export function MoreThanMade({ because, onBecause, refused }: Props) {
  const asked =
    because !== '' || refused?.problem.errors.some((e) => e.code === 'more-than-was-made');
  return asked ? (
    <TextLine
      label="Why it is more than was made"
      text={because}
      onText={onBecause}
      fault={refused?.at('/moreBecause')}
    />
  ) : null;
}

/** The part of a write that says why. */
export const moreBecause = (text: string): { moreBecause?: string } =>
  text.trim() ? { moreBecause: text } : {};
