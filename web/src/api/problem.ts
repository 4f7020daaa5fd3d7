import { choiceOf, said } from '../quantities';
import type { Problem } from './client';

/** What the server found wrong, thrown so that queries and forms can show it. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(said(problem.detail));
  }

  /**
   * Message and way out for one field of the request, if it has a problem.
   * @param text what was typed there: a range is told in its unit
   */
  at(pointer: string, text = ''): string | undefined {
    const found = this.problem.errors.find((e) => e.pointer === pointer);
    if (!found) return undefined;
    const choice = found.bounds && choiceOf(text, found.bounds);
    if (!choice) return said(`${found.message} ${found.remedy}`);
    return `${text.trim()} is too ${found.code === 'too-small' ? 'little' : 'much'}. ${choice}`;
  }

  /** Everything in one sentence, for problems without a field on this screen. */
  get summary(): string {
    const first = this.problem.errors[0];
    return said(first ? `${first.message} ${first.remedy}` : this.problem.detail);
  }
}

/** From here on it is what stands before the server that answers. */
const GATEWAY = 502;

const AWAY: Problem = {
  title: 'Away',
  status: 0,
  detail: 'The kitchen’s server does not answer. Check the network; it is tried again.',
  errors: [],
};

/** What has no words of its own: a gateway's answer, or an address that leads nowhere. */
function untold(response: Response | undefined): Problem {
  if (!response || response.status >= GATEWAY) return AWAY;
  return {
    title: response.statusText,
    status: response.status,
    detail: `The kitchen’s server refuses this (${response.status}). Reload the page; if it says so again, tell whoever looks after the server.`,
    errors: [],
  };
}

/** The data of an answer, or its problem thrown. */
export async function answered<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  const away = { data: undefined, error: AWAY, response: undefined };
  const { data, error, response } = await call.catch(() => away);
  if (data !== undefined) return data;
  throw new ProblemError(isProblem(error) ? error : untold(response));
}

/** An act that answers nothing, or its problem thrown. */
export async function done(call: Promise<{ error?: unknown; response: Response }>): Promise<void> {
  const { error, response } = await call.catch(() => ({ error: AWAY, response: undefined }));
  if (!response?.ok) throw new ProblemError(isProblem(error) ? error : untold(response));
}

export function isProblem(value: unknown): value is Problem {
  return (
    typeof value === 'object' &&
    value !== null &&
    'detail' in value &&
    'errors' in value &&
    Array.isArray(value.errors)
  );
}
