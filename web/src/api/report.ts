/** A fault that nobody on the screen can mend: it is told to whoever looks after the device. */
export function report(error: unknown): void {
  if (typeof reportError === 'function') reportError(error);
  else console.error(error);
}
