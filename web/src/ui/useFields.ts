import { useCallback, useState } from 'react';
import {
  useForm,
  useWatch,
  type DefaultValues,
  type FieldValues,
  type Path,
} from 'react-hook-form';
import { useDraft } from './drafts';

interface Options {
  /** Under what name it stays on the device until it is written. */
  kept?: string | undefined;
  /** How long it stays, ms; a week when left out. */
  keptMs?: number;
  /** Told of every change: what was refused is being mended. */
  onEdit?: () => void;
}

/** What is typed in a form, raw as typed, field by field. */
export function useFields<T extends FieldValues>(start: T, options: Options = {}) {
  const { kept, keptMs, onEdit } = options;
  const { left, keep, forget } = useDraft<T>(kept, keptMs);
  const [begun] = useState(start);
  const { control, setValue, getValues, formState, reset } = useForm<T>({
    defaultValues: { ...begun, ...left?.values } as DefaultValues<T>,
  });
  const [leftAt, setLeftAt] = useState(left?.at);
  const values = useWatch({ control }) as T;
  /** Changes some fields, from what they are at this moment. */
  const change = useCallback(
    (to: Partial<T> | ((from: T) => Partial<T>)): void => {
      onEdit?.();
      const fields = typeof to === 'function' ? to(getValues()) : to;
      for (const [field, value] of Object.entries(fields))
        setValue(field as Path<T>, value as never, { shouldDirty: true });
      keep(getValues());
    },
    [setValue, getValues, keep, onEdit],
  );
  const put = useCallback(
    <K extends keyof T & string>(field: K, to: T[K]): void =>
      change({ [field]: to } as unknown as Partial<T>),
    [change],
  );
  const afresh = useCallback(() => {
    forget();
    setLeftAt(undefined);
    reset(begun);
  }, [forget, reset, begun]);
  const dirty = formState.isDirty || leftAt !== undefined;
  return { values, put, change, dirty, leftAt, afresh, forget };
}
