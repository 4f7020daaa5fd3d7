import { Autocomplete, TextField } from '@mui/material';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, newId, type IngredientView, type KitchenView } from '../../api/client';
import { measuresOf } from '../../api/kitchen';
import { answered } from '../../api/problem';
import { show, typed } from '../../quantities';
import { Sheet } from '../../ui/Sheet';
import { SheetField } from '../../ui/SheetField';
import { TextLine } from '../../ui/fields';
import { useSheet } from '../../ui/useSheet';
import { Tick } from './Ticks';

interface Props {
  goods: IngredientView[];
  kitchen: KitchenView;
  today: string;
  onClose: () => void;
}
const START = { of: '', amount: '', opened: true, note: '', code: '' };

/** What goes on the shelf as it is typed, and how it is written. */
function useStocked({ goods, kitchen, today, onClose }: Props) {
  const queries = useQueryClient();
  const [id] = useState(newId);
  const sheet = useSheet(START, 'stock');
  const { values, attempt } = sheet;
  const of = goods.find((g) => g.id === values.of);
  const read = typed(values.amount, 'MASS', 'g', measuresOf(kitchen, of?.id));
  const write = async () => {
    if (!of || read.value === undefined) return;
    const body = {
      id,
      ingredientId: of.id,
      massKilograms: read.value,
      massText: read.entered,
      note: values.note,
      version: 0,
      ...(values.code.trim() ? { code: values.code.trim() } : {}),
      ...(values.opened ? { openedOn: today } : {}),
    };
    const written = await attempt(async () => {
      await answered(client.POST('/api/pantry/stock', { body }));
      await queries.invalidateQueries({ queryKey: ['stock'] });
    });
    if (written) onClose();
  };
  return { sheet, of, read, write };
}

/** Something for the shelf, or an opened pack, which gets its date. */
export function StockForm(props: Props) {
  const { goods, kitchen, onClose } = props;
  const { sheet, of, read, write } = useStocked(props);
  const { values, put, refused } = sheet;
  const days = of?.care.openedDays;
  const lasts =
    values.opened && days !== undefined ? `: ${days} ${days === 1 ? 'day' : 'days'}, chilled` : '';
  return (
    <Sheet
      of={sheet}
      title="Put in stock"
      act="Put in"
      ready={of !== undefined && read.value !== undefined}
      onAct={write}
      onClose={onClose}
      atField={read.fault ?? refused?.at('/massKilograms')}
    >
      <Autocomplete
        options={goods.filter((g) => !g.retired)}
        value={of ?? null}
        onChange={(_, to) => put('of', to?.id ?? '')}
        getOptionLabel={(g) => g.content.name}
        getOptionKey={(g) => g.id}
        autoHighlight
        sx={{ mt: 1 }}
        renderInput={(p) => <TextField {...p} label="What" autoFocus />}
      />
      <SheetField
        of={sheet}
        name="amount"
        label="How much"
        pointer="/massKilograms"
        read={read}
        understood={
          read.value === undefined
            ? 'a weight'
            : show.text(show.mass(Math.max(0, read.value), kitchen.settings.units))
        }
      />
      <Tick
        words={`the pack is open${lasts}`}
        on={values.opened}
        onTick={() => put('opened', !values.opened)}
      />
      <TextLine label="Where it stands" text={values.note} onText={(to) => put('note', to)} />
      <TextLine
        label="Code on the can, number of the shellfish tag"
        text={values.code}
        onText={(to) => put('code', to)}
        note="so that it can be traced; tags are kept as long as the rule set says"
      />
    </Sheet>
  );
}
