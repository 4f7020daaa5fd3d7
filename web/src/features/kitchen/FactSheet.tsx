import type { KitchenView } from '../../api/client';
import { Sheet } from '../../ui/Sheet';
import { SheetField } from '../../ui/SheetField';
import { FACTS, read, type FactName } from './facts';
import { FactGrid } from './kitchen.styles';
import { useFacts } from './useFacts';
import { WritingFields } from './WritingFields';
import { ZoneField } from './ZoneField';

/** What is changed together. */
export type Sheets = Record<
  'place' | 'accuracy' | 'thickness' | 'writing',
  { title: string; facts: readonly FactName[] }
>;

interface Props {
  which: keyof Sheets;
  of: Sheets[keyof Sheets];
  kitchen: KitchenView;
  onClose: () => void;
}

/** Some facts of the kitchen while they are changed. */
export function FactSheet({ which, of, kitchen, onClose }: Props) {
  const { facts, title } = of;
  const sheet = useFacts({ kitchen, kept: which, facts, onSaved: onClose });
  const { values, refused } = sheet;
  const pointers = [...facts, 'name', 'zone', 'currency'].map((f) => `/${f}`);
  return (
    <Sheet
      of={sheet}
      title={title}
      ready={sheet.ready}
      onAct={() => sheet.write()}
      onClose={onClose}
      atField={pointers.map((p) => refused?.at(p)).find(Boolean)}
    >
      {which === 'place' && (
        <SheetField of={sheet} name="name" label="Name" pointer="/name" autoFocus />
      )}
      <FactGrid>
        {facts.map((f) => (
          <SheetField
            key={f}
            of={sheet}
            name={f}
            label={FACTS[f].label}
            pointer={`/${f}`}
            read={read(f, values[f] ?? '', kitchen.settings.units)}
          />
        ))}
      </FactGrid>
      {which === 'place' && <ZoneField sheet={sheet} />}
      {which === 'writing' && <WritingFields sheet={sheet} />}
    </Sheet>
  );
}
