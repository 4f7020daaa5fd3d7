import type { KitchenView } from '../../api/client';
import { Choices } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { TextLine } from '../../ui/fields';
import { Text } from '../../ui/text';
import { DegreesField } from './DegreesField';
import { typed } from '../../quantities';
import { useKept } from './useKept';

const FROM = [
  { value: 'hot', text: 'from hot' },
  { value: 'cold', text: 'from cold' },
] as const;
type From = (typeof FROM)[number]['value'];
const START: { food: string; from: From; text: string } = { food: '', from: 'hot', text: '' };

/** Something stands out to be served: a rest of a bake, pasta for the second plate. */
export function SetOutSheet({ kitchen, onClose }: { kitchen: KitchenView; onClose: () => void }) {
  const sheet = useKept({ sheet: 'set-out', start: START, onWritten: onClose });
  const { values, put, write, refused } = sheet;
  const { units } = kitchen.settings;
  const read = typed(values.text, 'TEMPERATURE', 'c');
  const fault = read.fault ?? refused?.at('/celsius', read.entered);
  const save = async () =>
    read.value !== undefined &&
    write('/set-outs', {
      food: values.food.trim(),
      fromCold: values.from === 'cold',
      celsius: read.value,
      enteredText: read.entered,
    });
  return (
    <Sheet
      of={sheet}
      title="Leave something out, by time"
      act="It is left out"
      ready={values.food.trim() !== '' && read.value !== undefined}
      onAct={save}
      onClose={onClose}
      atField={fault}
    >
      <TextLine
        label="What"
        text={values.food}
        onText={(to) => put('food', to)}
        placeholder="Baked pasta, half a tray"
      />
      <Choices
        label="It comes"
        options={FROM}
        chosen={values.from}
        onChoose={(to) => put('from', to)}
      />
      <DegreesField
        text={values.text}
        onText={(to) => put('text', to)}
        units={units}
        fault={fault}
      />
      <Text tone="muted">
        From now on time alone is the limit: what is left then is thrown away, and not heated,
        cooled or kept again.
      </Text>
    </Sheet>
  );
}
