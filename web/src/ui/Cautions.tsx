import { said } from '../quantities';
import { Note } from './Note';

/** What the server warns of, in the kitchen's own units. */
export function Cautions({ of }: { of: readonly { code: string; text: string }[] }) {
  return of.map((c) => <Note key={c.code}>{said(c.text)}</Note>);
}
