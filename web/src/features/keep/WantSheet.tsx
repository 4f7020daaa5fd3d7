import { useQueryClient } from '@tanstack/react-query';
import { client, type KitchenView, type LotView } from '../../api/client';
import { kitchenNow } from '../../api/clock';
import { answered } from '../../api/problem';
import { show } from '../../quantities';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { Pick } from '../../ui/fields';
import { useSheet } from '../../ui/useSheet';
import { longTime } from './lotWords';

interface Props {
  lot: LotView;
  kitchen: KitchenView;
  onClose: () => void;
}

const DAYS = 14;
const DAY_MS = 86_400_000;
const noon = (days: number) =>
  new Date(new Date(kitchenNow()).setUTCHours(11, 0, 0, 0) + days * DAY_MS).toISOString();

/** A day on which it is wanted thawed, at noon: it is then said when it must be moved. */
export function WantSheet({ lot, kitchen, onClose }: Props) {
  const queries = useQueryClient();
  const sheet = useSheet({ at: noon(2) });
  const { values, put, attempt } = sheet;
  const options = [
    ['', 'not planned'] as const,
    ...Array.from(
      { length: DAYS },
      (_, i) => [noon(i + 1), show.day(noon(i + 1), kitchen.settings.zone)] as const,
    ),
  ];
  const write = async () => {
    const body = values.at ? { at: values.at } : {};
    const to = { params: { path: { id: lot.id } }, body };
    await answered(client.PUT('/api/lots/{id}/wanted', to));
    await queries.invalidateQueries({ queryKey: ['lots'] });
  };
  return (
    <Sheet
      of={sheet}
      title={`When is ${lot.name} wanted`}
      act="Plan it"
      ready
      onAct={async () => (await attempt(write)) && onClose()}
      onClose={onClose}
    >
      <Pick
        label="Thawed by noon of"
        value={values.at}
        options={options}
        onPick={(to) => put('at', to)}
      />
      <Note>It thaws through in about {longTime(lot.thawingSeconds)} in the refrigerator.</Note>
    </Sheet>
  );
}
