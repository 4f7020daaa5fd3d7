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
  /** Told of every change: what was refused is being mended. */
  onEdit?: () => void;
}

/** What is typed in a form, raw as typed, field by field. */
export function useFields<T extends FieldValues>(start: T, { kept, onEdit }: Options = {}) {
  const { left, keep, forget } = useDraft<T>(kept);
  const [begun] = useState(start);
  const { control, setValue, getValues, formState, reset } = useForm<T>({
    defaultValues: { ...begun, ...left?.values } as DefaultValues<T>,
  });
  const [leftAt, setLeftAt] = useState(left?.at);
  const values = useWatch({ control }) as T;
  const put = useCallback(
    <K extends keyof T & string>(field: K, to: T[K]): void => {
      onEdit?.();
      setValue(field as unknown as Path<T>, to as never, { shouldDirty: true });
      keep(getValues());
    },
    [setValue, getValues, keep, onEdit],
  );
  const afresh = useCallback(() => {
    forget();
    setLeftAt(undefined);
    reset(begun);
  }, [forget, reset, begun]);
  const dirty = formState.isDirty || leftAt !== undefined;
  return { values, put, dirty, leftAt, afresh, forget };
}
