import { client, type IngredientView, type MeasureView } from '../../api/client';
import { answered } from '../../api/problem';
import { show, typed, withUnit, type Units } from '../../quantities';
import { Sheet } from '../../ui/Sheet';
import { SheetField } from '../../ui/SheetField';
import { Pick } from '../../ui/fields';
import { Text } from '../../ui/text';
import { PutOutOfUse } from './PutOutOfUse';
import { asSeen, retired, useEdit } from './useEdit';

interface Props {
  measure: MeasureView | undefined;
  goods: readonly IngredientView[];
  units: Units;
  onClose: () => void;
}

const startOf = (measure: MeasureView | undefined) => ({
  name: measure?.name ?? '',
  of: measure?.ingredientId ?? '',
  weight: measure ? withUnit(measure.massText, 'g') || `${measure.massKilograms * 1000} g` : '',
});

/** A measure as it is typed, and how it is written. */
function useMeasure({ measure, onClose }: Props) {
  const start = startOf(measure);
  const sheet = useEdit({ of: measure, kind: 'measure', start, onSaved: onClose });
  const { id, values, save } = sheet;
  const read = typed(values.weight, 'MASS', 'g');
  const word = values.name.trim().toLowerCase();
  const write = async () => {
    if (read.value === undefined) return;
    const body = {
      id,
      name: word,
      ...(values.of ? { ingredientId: values.of } : {}),
      massKilograms: read.value,
      massText: read.entered,
    };
    await save(() =>
      answered(
        measure
          ? client.PUT('/api/measures', { body, ...asSeen(measure) })
          : client.POST('/api/measures', { body }),
      ),
    );
  };
  const retire =
    measure &&
    (() => save(() => answered(client.PUT('/api/measures/{id}/retired', retired(measure)))));
  return { sheet, read, word, write, retire };
}

/** A ladle or a handful, weighed once: from then on its name is a unit. */
export function MeasureForm(props: Props) {
  const { measure, goods, units, onClose } = props;
  const { sheet, read, word, write, retire } = useMeasure(props);
  const { values, put, refused } = sheet;
  const other = units === 'US' ? 'METRIC' : 'US';
  return (
    <Sheet
      of={sheet}
      title={measure ? `Change the ${measure.name}` : 'Add a measure'}
      ready={word !== '' && read.value !== undefined}
      onAct={write}
      onClose={onClose}
      atField={read.fault ?? refused?.at('/massKilograms') ?? refused?.at('/name')}
      more={retire && <PutOutOfUse onAct={retire} />}
    >
      <Text tone="muted">
        Fill it as you always do and weigh what it held. From then on its name is a unit: type “2{' '}
        {word || 'ladle'}s”.
      </Text>
      <SheetField
        of={sheet}
        name="name"
        label="One word, such as ladle or handful"
        pointer="/name"
        autoFocus
      />
      <Pick
        label="Of what"
        value={values.of}
        options={[
          ['', 'of anything'] as const,
          ...goods.map((g) => [g.id, g.content.name] as const),
        ]}
        onPick={(to) => put('of', to)}
      />
      <SheetField
        of={sheet}
        name="weight"
        label="One holds"
        pointer="/massKilograms"
        read={read}
        understood={
          read.value === undefined ? '' : show.text(show.mass(Math.max(0, read.value), other))
        }
      />
    </Sheet>
  );
}
