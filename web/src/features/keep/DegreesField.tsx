import { QuantityField, typed, type Units } from '../../quantities';
import { degrees } from './words';

interface Props {
  label?: string;
  text: string;
  onText: (text: string) => void;
  units: Units;
  fault: string | undefined;
  autoFocus?: boolean;
}

/** What a thermometer shows. */
export function DegreesField({ label = 'The thermometer shows', units, ...rest }: Props) {
  const { value } = typed(rest.text, 'TEMPERATURE', 'c');
  return (
    <QuantityField
      {...rest}
      label={label}
      understood={value === undefined ? '' : degrees(value, units)}
      numeric={false}
    />
  );
}
