import type { FieldValues } from 'react-hook-form';
import type { ProblemError } from '../api/problem';
import { QuantityField } from '../quantities';

interface Props<T extends FieldValues> {
  of: {
    values: T;
    put: <K extends keyof T & string>(field: K, to: T[K]) => void;
    refused: ProblemError | undefined;
  };
  name: keyof T & string;
  label: string;
  /** Where the server says what is wrong with it. */
  pointer: string;
  read?: { fault: string | undefined; entered?: string };
  understood?: string;
  autoFocus?: boolean;
}

/** A field of a sheet, bound to what is typed and to what was refused. */
export function SheetField<T extends FieldValues>(props: Props<T>) {
  const { of, name, label, pointer, read, understood = '', autoFocus = false } = props;
  return (
    <QuantityField
      label={label}
      text={of.values[name]}
      onText={(text) => of.put(name, text as T[typeof name])}
      understood={understood}
      fault={read?.fault ?? of.refused?.at(pointer, read?.entered ?? of.values[name])}
      numeric={false}
      autoFocus={autoFocus}
    />
  );
}
