/** What styling itself takes: it reaches no element. */
const STYLING = ['as', 'sx', 'theme', 'ownerState'];

/** Properties that only the styles of a primitive read. */
export function own(...names: string[]) {
  const all = new Set<PropertyKey>([...STYLING, ...names]);
  return { shouldForwardProp: (prop: PropertyKey) => !all.has(prop) };
}
