import { memo, useId } from 'react';
import { CoverInput, Row } from './layout';
import { Text } from './text';
import { ChoiceLabel } from './ui.styles';

interface Props<T extends string> {
  label: string;
  options: readonly { value: T; text: string }[];
  chosen: T;
  onChoose: (value: T) => void;
  fault?: string | undefined;
  note?: string | undefined;
}

/** One of a few, as words to press. Arrow keys move as in any radio group. */
function Chosen<T extends string>({ label, options, chosen, onChoose, fault, note }: Props<T>) {
  const id = useId();
  return (
    <div
      role="radiogroup"
      aria-labelledby={id}
      aria-describedby={fault ? `${id}-fault` : undefined}
    >
      <Text id={id} variant="caption" tone="muted" sx={{ display: 'block', mb: 0.25 }}>
        {label}
      </Text>
      <Row gap={0.6} wrap>
        {options.map((o) => (
          <ChoiceLabel key={o.value} on={o.value === chosen}>
            <CoverInput
              type="radio"
              name={id}
              checked={o.value === chosen}
              onChange={() => onChoose(o.value)}
            />
            {o.text}
          </ChoiceLabel>
        ))}
      </Row>
      {note && !fault && (
        <Text variant="caption" strong sx={{ display: 'block' }}>
          {note}
        </Text>
      )}
      {fault && (
        <Text id={`${id}-fault`} variant="caption" role="alert" tone="alarm">
          {fault}
        </Text>
      )}
    </div>
  );
}

/** The memo keeps the words still while something else is typed. */
export const Choices = memo(Chosen) as typeof Chosen;
