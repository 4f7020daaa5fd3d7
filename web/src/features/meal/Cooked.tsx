import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, newId, type StockItem } from '../../api/client';
import { answered } from '../../api/problem';
import { show, type Units } from '../../quantities';
import { ActButton } from '../../ui/ActButton';
import { Text } from '../../ui/text';

interface Props {
  id: string;
  names: ReadonlyMap<string, string>;
  units: Units;
}

/** Once it is cooked: what came from the shelf is off it, and what opened packs left is on it, dated. */
export function Cooked({ id, names, units }: Props) {
  const queries = useQueryClient();
  const [writeId] = useState(newId);
  const [left, setLeft] = useState<StockItem[]>();
  const tell = async () => {
    const of = { params: { path: { id, writeId } } };
    const told = await answered(client.POST('/api/meals/{id}/cooked/{writeId}', of));
    setLeft(told.left);
    await queries.invalidateQueries({ queryKey: ['stock'] });
  };
  if (left === undefined)
    return (
      <ActButton variant="outlined" onAct={tell} sx={{ mt: 1 }}>
        Cooked: what is left goes on the shelf
      </ActButton>
    );
  const words = (s: StockItem) =>
    `${show.text(show.mass(s.massKilograms, units))} ${names.get(s.ingredientId) ?? s.ingredientId}${s.useBy ? ` until ${s.useBy}` : ''}`;
  return (
    <Text role="status" size="note" sx={{ mt: 1 }}>
      {left.length === 0
        ? 'Nothing was left in an opened pack.'
        : `On the shelf, opened today: ${left.map(words).join('; ')}.`}{' '}
      What came from stock is off it.
    </Text>
  );
}
