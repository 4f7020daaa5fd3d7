import { TextLine } from '../../ui/fields';

interface Props {
  label: string;
  text: string;
  onText: (to: string) => void;
  faultAt: (field: string) => string | undefined;
  /** Where its fields are among those of the meal. */
  of?: string;
  placeholder?: string;
}

/** One hour, or two between which plates go out one after the other. */
export function OutAt({ label, text, onText, faultAt, of = '', placeholder = '18:30' }: Props) {
  return (
    <TextLine
      label={label}
      text={text}
      onText={onText}
      fault={faultAt(`${of}servedLocalTime`) ?? faultAt(`${of}servedUntilLocalTime`)}
      placeholder={placeholder}
    />
  );
}
