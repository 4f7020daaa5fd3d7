import type { DeclarationView } from '../api/client';
import { Column } from './layout';
import { Text } from './text';

interface Props {
  of: DeclarationView;
  avoided?: { words: string; causes: string[] }[];
}

/** What eaters have to be told: what is in it and where from, what nobody knows, and diets only where all is known. */
export function Declaration({ of, avoided = [] }: Props) {
  const kept = of.diets
    .filter((d) => d.brokenBy.length === 0 && d.doubts.length === 0)
    .map((d) => d.words);
  return (
    <Column gap={0.4}>
      {says(of) && <Text size="note">No declared allergen.</Text>}
      {of.allergens.map((a) => (
        <Text key={a.allergen} size="note">
          <b>{a.words}</b>
          {a.inUnitedStates ? '' : ' (EU list)'}: {a.causes.join(', ')}
        </Text>
      ))}
      {packsToRead(of).map(([packs, words]) => (
        <Text key={packs} tone="warn" size="note">
          <b>{words.join(', ')}?</b> Read the pack of {packs}
        </Text>
      ))}
      {of.unknown.length > 0 && (
        <Text tone="alarm" size="note" strong>
          Not known: {of.unknown.join('; ')}
        </Text>
      )}
      {kept.length > 0 && (
        <Text tone="good" size="note" strong>
          {kept.join(', ')}
        </Text>
      )}
      {avoided.map((a) => (
        <Text key={a.words} role="alert" tone="alarm" size="note" strong>
          This kitchen avoids {a.words}: {a.causes.join(', ')}
        </Text>
      ))}
    </Column>
  );
}

/** Whether nothing is in it, and all of it is known. */
const says = (of: DeclarationView) =>
  of.allergens.length === 0 && of.asked.length === 0 && of.unknown.length === 0;

/** Each pack once, with all that it may bring. */
function packsToRead(of: DeclarationView): [string, string[]][] {
  const packs = new Map<string, string[]>();
  for (const a of of.asked) {
    const causes = a.causes.join(', ');
    packs.set(causes, [...(packs.get(causes) ?? []), a.words]);
  }
  return [...packs];
}
