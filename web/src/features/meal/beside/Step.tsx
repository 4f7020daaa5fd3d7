import { Text } from '../../../ui/text';

interface Props {
  /** What is done. */
  what: string;
  /** When, or how much. */
  figure: string;
  note?: string | undefined;
  strong?: boolean;
}

/** One thing to do at the stove, with its hour. */
export function Step({ what, figure, note, strong = false }: Props) {
  return (
    <li>
      <Text size="small" tone="muted" long>
        {what}
      </Text>
      <Text size="step" figures bold long tone={strong ? 'alarm' : 'ink'}>
        {figure}
      </Text>
      {note && (
        <Text size="small" tone="muted" long>
          {note}
        </Text>
      )}
    </li>
  );
}
