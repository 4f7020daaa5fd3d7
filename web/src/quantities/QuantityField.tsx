import { memo, useId } from 'react';
import { Text } from '../ui/text';
import { FieldLine, FigureInput } from '../ui/ui.styles';

interface Props {
  label: string;
  /** Raw text exactly as typed; never rewritten. */
  text: string;
  onText: (text: string) => void;
  /** What was understood, or the unit that a bare number takes. */
  understood: string;
  /** What is wrong and the way out. */
  fault?: string | undefined;
  numeric?: boolean;
  autoFocus?: boolean;
}

/** A field that keeps what was typed apart from what was understood. */
export const QuantityField = memo(function QuantityField(props: Props) {
  const { label, text, onText, understood, fault, numeric = true, autoFocus = false } = props;
  const id = useId();
  return (
    <div>
      <Text component="label" htmlFor={id} variant="caption" tone="muted" sx={{ display: 'block' }}>
        {label}
      </Text>
      <FieldLine wrong={Boolean(fault)}>
        <FigureInput
          id={id}
          value={text}
          autoFocus={autoFocus}
          onChange={(e) => onText(e.target.value)}
          inputProps={{
            'aria-invalid': Boolean(fault),
            'aria-describedby': `${id}-note`,
            autoComplete: 'off',
            inputMode: numeric ? 'decimal' : 'text',
            enterKeyHint: 'done',
          }}
        />
      </FieldLine>
      <Text
        id={`${id}-note`}
        variant="caption"
        role={fault ? 'alert' : undefined}
        aria-live="polite"
        tone={fault ? 'alarm' : 'muted'}
        plain
        sx={{ display: 'block', mt: 0.25 }}
      >
        {fault ?? understood}
      </Text>
    </div>
  );
});
