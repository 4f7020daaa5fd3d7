import Dexie, { type Table } from 'dexie';
import type { Problem } from '../client';

/**
 * One write as it was typed.
 * @property order in which it was typed on this device
 * @property queue what it is written to: entries to one pot wait for each other, others do not
 * @property faults how often the server failed on it
 * @property problem why it is parked: the server refused it, or always fails on it
 */
export interface Entry {
  order?: number;
  key: string;
  queue: string;
  path: string;
  typedAt: string;
  body: Record<string, unknown>;
  faults: number;
  problem?: Problem;
}

const BEFORE = 'urnstew.outbox';

/** What is typed stays on the device until the server has answered; all tabs share it. */
class Outbox extends Dexie {
  declare readonly entries: Table<Entry, number>;

  constructor() {
    super('urnstew');
    this.version(1).stores({ entries: '++order, &key, queue' });
    this.on('ready', () => this.takeOver());
  }

  /** Entries that a release before left in the smaller store. */
  private async takeOver(): Promise<void> {
    const left = localStorage.getItem(BEFORE);
    if (!left) return;
    const before = JSON.parse(left) as Omit<Entry, 'queue' | 'faults'>[];
    // Another tab may be taking them over too: what it has is not taken twice.
    await this.entries
      .bulkAdd(before.map((e) => ({ ...e, queue: queueOf(e.path, e.body), faults: 0 })))
      .catch(Dexie.BulkError, () => undefined);
    localStorage.removeItem(BEFORE);
  }
}

const store = new Outbox();

/** The pot, the keeping or the lot that is written to; one that begins has its entry's identity. */
export function queueOf(path: string, body: Record<string, unknown>): string {
  const [, , family = '', id, kind] = path.split('/');
  return `${family}/${id && kind ? id : String(body.id)}`;
}

export const all = (): Promise<Entry[]> => store.entries.orderBy('order').toArray();
export const add = (entry: Entry): Promise<number> => store.entries.add(entry);
export const find = (key: string): Promise<Entry | undefined> => store.entries.get({ key });
export const leaveOut = (key: string): Promise<number> => store.entries.where({ key }).delete();
export const change = (key: string, to: Partial<Entry>): Promise<number> =>
  store.entries.where({ key }).modify(to);
export const clear = (): Promise<void> => store.entries.clear();

/** The first of a queue that is not parked. */
export const nextOf = (queue: string): Promise<Entry | undefined> =>
  store.entries
    .where({ queue })
    .filter((e) => !e.problem)
    .first();

/** Sends a parked entry once more, with its own identity. */
export const unpark = (key: string): Promise<number> =>
  store.entries.where({ key }).modify((entry: Entry) => {
    entry.faults = 0;
    delete entry.problem;
  });
