import { InputBase } from '@mui/material';
import { memo, useId, type ClipboardEvent, type KeyboardEvent, type ReactNode } from 'react';
import { Text } from './text';
import { LineInput, PickSelect, UnseenLabel } from './ui.styles';

interface TextProps {
  label: string;
  text: string;
  onText: (text: string) => void;
  fault?: string | undefined;
  note?: string;
  hidden?: boolean;
  onKeyDown?: (e: KeyboardEvent) => void;
  onPaste?: (e: ClipboardEvent) => void;
  placeholder?: string;
  mark?: string;
}

/** A quiet line of text with its label; in rows the label is for screen readers only. */
export const TextLine = memo(function TextLine(props: TextProps) {
  const { label, text, onText, fault, note, hidden = false, placeholder = '', mark } = props;
  const id = useId();
  return (
    <Field>
      <Label id={id} hidden={hidden}>
        {label}
      </Label>
      <LineInput
        id={id}
        value={text}
        placeholder={placeholder}
        onChange={(e) => onText(e.target.value)}
        onKeyDown={props.onKeyDown}
        onPaste={props.onPaste}
        fullWidth
        wrong={Boolean(fault)}
        inputProps={{
          'aria-invalid': Boolean(fault),
          'aria-describedby': (fault ?? note) ? `${id}-note` : undefined,
          autoComplete: 'off',
          ...(mark ? { 'data-mark': mark } : {}),
        }}
      />
      {(fault ?? note) && (
        <Said id={`${id}-note`} fault={fault}>
          {note}
        </Said>
      )}
    </Field>
  );
});

interface PickProps<T extends string> {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onPick: (value: T) => void;
  hidden?: boolean;
  fault?: string | undefined;
}

/** One of many, as the browser's own list: quick with the keyboard. */
function Picked<T extends string>(props: PickProps<T>) {
  const { label, value, options, onPick, hidden = false, fault } = props;
  const id = useId();
  return (
    <Field>
      <Label id={id} hidden={hidden}>
        {label}
      </Label>
      <PickSelect
        id={id}
        value={value}
        aria-invalid={Boolean(fault)}
        aria-describedby={fault ? `${id}-note` : undefined}
        onChange={(e) => {
          const found = options.find(([v]) => v === e.target.value);
          if (found) onPick(found[0]);
        }}
      >
        {options.map(([v, words]) => (
          <option key={v} value={v}>
            {words}
          </option>
        ))}
      </PickSelect>
      {fault && <Said id={`${id}-note`} fault={fault} />}
    </Field>
  );
}

/** The memo keeps long lists still while something else is typed. */
export const Pick = memo(Picked) as typeof Picked;

interface AreaProps {
  label: string;
  text: string;
  onText: (text: string) => void;
}
const LONGEST = 2000;

/** Some lines of text. */
export function TextArea({ label, text, onText }: AreaProps) {
  const id = useId();
  return (
    <Field>
      <Label id={id} hidden={false}>
        {label}
      </Label>
      <InputBase
        id={id}
        value={text}
        onChange={(e) => onText(e.target.value)}
        multiline
        minRows={2}
        fullWidth
        inputProps={{ maxLength: LONGEST }}
        sx={{ borderBottom: 1.5, borderColor: 'text.primary' }}
      />
    </Field>
  );
}

const Field = ({ children }: { children: ReactNode }) => (
  <div style={{ minWidth: 0 }}>{children}</div>
);

function Label({ id, hidden, children }: { id: string; hidden: boolean; children: ReactNode }) {
  if (hidden) return <UnseenLabel htmlFor={id}>{children}</UnseenLabel>;
  return (
    <Text component="label" htmlFor={id} variant="caption" tone="muted" sx={{ display: 'block' }}>
      {children}
    </Text>
  );
}

interface SaidProps {
  id: string;
  fault: string | undefined;
  children?: ReactNode;
}
/** What is wrong with a field, else what is said of it. */
function Said({ id, fault, children }: SaidProps) {
  return (
    <Text id={id} role={fault ? 'alert' : undefined} size="small" tone={fault ? 'alarm' : 'muted'}>
      {fault ?? children}
    </Text>
  );
}
