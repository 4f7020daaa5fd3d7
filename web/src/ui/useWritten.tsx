import { useState } from 'react';
import { newId } from '../api/client';
import type { Sent } from '../api/outbox';
import type { ProblemError } from '../api/problem';
import { Note } from './Note';
import { When, happened, whenFault } from './When';

const HOUR = '/stamp/happenedLocalTime';

/**
 * One entry at the stove: its identity, its hour, and why it was refused. A refused entry was not
 * written, so its identity stays free for the mended one.
 */
export function useWritten<Bodies extends object>(
  send: <K extends keyof Bodies>(path: K, body: Bodies[K]) => Promise<Sent>,
  onWritten: (id: string) => void,
) {
  const [id] = useState(newId);
  const [when, setWhen] = useState('');
  const [refused, setRefused] = useState<ProblemError>();
  /** A setter that takes the refusal away: what was wrong is being mended. */
  const edit =
    <T,>(set: (to: T) => void) =>
    (to: T) => {
      setRefused(undefined);
      set(to);
    };
  const write = async <K extends keyof Bodies>(
    path: K,
    body: Omit<Bodies[K], 'id' | 'happenedLocalTime'>,
  ) => {
    const sent = await send(path, { ...body, id, ...happened(when) } as unknown as Bodies[K]);
    if (sent.kind === 'refused') setRefused(sent.error);
    else onWritten(id);
  };
  return {
    edit,
    write,
    refused,
    hourUnderstood: !whenFault(when),
    hour: <When text={when} onText={edit(setWhen)} fault={refused?.at(HOUR)} />,
    /** What was refused, where no field of the sheet says it. */
    elsewhere: (atField: string | undefined) =>
      refused && !atField && !refused.at(HOUR) && <Note tone="tomato">{refused.summary}</Note>,
  };
}
