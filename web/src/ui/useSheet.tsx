import { useCallback, useState } from 'react';
import type { FieldValues } from 'react-hook-form';
import { newId } from '../api/client';
import type { Sent } from '../api/outbox';
import type { ProblemError } from '../api/problem';
import { When, happened, whenFault } from './When';
import { refusalOf } from './refusal';
import { useFields } from './useFields';

const HOUR = '/stamp/happenedLocalTime';

/** What is typed on a sheet, why it was refused, and how it is tried. */
export function useSheet<T extends FieldValues>(start: T, kept?: string) {
  const [refused, setRefused] = useState<ProblemError>();
  const mend = useCallback(() => setRefused(undefined), []);
  const fields = useFields(start, { kept, onEdit: mend });
  /** Whether it was done; what is typed is then no longer kept. */
  const attempt = async (deed: () => Promise<unknown>): Promise<boolean> => {
    const fault = await refusalOf(deed);
    setRefused(fault);
    if (!fault) fields.forget();
    return !fault;
  };
  return { ...fields, refused, attempt, hour: undefined, hourUnderstood: true };
}

/**
 * One entry at the stove: its identity, its hour, and why it was refused. A refused entry was not
 * written, so its identity stays free for the mended one.
 */
export function useEntrySheet<Bodies extends object, T extends FieldValues>(
  send: <K extends keyof Bodies>(path: K, body: Bodies[K], to?: string) => Promise<Sent>,
  onWritten: (id: string) => void,
  start: T,
  kept: string,
) {
  const [id] = useState(newId);
  const sheet = useSheet<T & { when: string }>({ ...start, when: '' }, kept);
  const { values, put, refused, attempt } = sheet;
  const write = async <K extends keyof Bodies>(
    path: K,
    body: Omit<Bodies[K], 'id' | 'happenedLocalTime'>,
    to?: string,
  ) => {
    const whole = { ...body, id, ...happened(values.when) } as unknown as Bodies[K];
    if (await attempt(() => send(path, whole, to))) onWritten(id);
  };
  return {
    ...sheet,
    write,
    hourUnderstood: !whenFault(values.when),
    hour: (
      <When
        text={values.when}
        onText={(to) => put('when', to as never)}
        fault={refused?.at(HOUR)}
      />
    ),
    refusedElsewhere: refused && !refused.at(HOUR) ? refused : undefined,
  };
}
