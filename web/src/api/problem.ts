import type { Problem } from './client';

/** What the server found wrong, thrown so that queries and forms can show it. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }

  /** Message and way out for one field of the request, if it has a problem. */
  at(pointer: string): string | undefined {
    const found = this.problem.errors.find((e) => e.pointer === pointer);
    return found && `${found.message} ${found.remedy}`;
  }

  /** Everything in one sentence, for problems without a field on this screen. */
  get summary(): string {
    const first = this.problem.errors[0];
    return first ? `${first.message} ${first.remedy}` : this.problem.detail;
  }
}

const AWAY: Problem = {
  title: 'Away',
  status: 0,
  detail: 'The kitchen’s server does not answer. Check the network; it is tried again.',
  errors: [],
};

/** The data of an answer, or its problem thrown. */
export async function answered<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  const { data, error } = await call.catch(() => ({ data: undefined, error: AWAY }));
  if (data !== undefined) return data;
  throw new ProblemError(isProblem(error) ? error : AWAY);
}

/** An act that answers nothing, or its problem thrown. */
export async function done(call: Promise<{ error?: unknown; response: Response }>): Promise<void> {
  const { error, response } = await call.catch(() => ({ error: AWAY, response: undefined }));
  if (!response?.ok) throw new ProblemError(isProblem(error) ? error : AWAY);
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
