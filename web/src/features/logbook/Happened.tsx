import type { BatchView, EventView, KitchenView } from '../../api/client';
import { said, show, type Units } from '../../quantities';
import { BareList } from '../../ui/layout';
import { Text } from '../../ui/text';
import { WhenRow } from './logbook.styles';

interface Props {
  batch: BatchView;
  kitchen: KitchenView;
}

/** What went in and when, as poured; where nobody noted it, as it was planned. */
export function Happened({ batch, kitchen }: Props) {
  const { units, zone } = kitchen.settings;
  const noted = batch.events.filter((e) => !e.struckOut && inWords(e, units));
  const assumed = batch.forecast.lines.filter((l) => !l.poured);
  return (
    <section aria-label="What went in and when">
      <Text variant="h2">What went in and when</Text>
      <BareList>
        <WhenRow>
          <b>{show.hour(batch.startedAt, zone)}</b>
          <span>the burner was lit</span>
        </WhenRow>
        {noted.map((e) => (
          <WhenRow key={e.id}>
            <b>{show.hour(e.happenedAt, zone)}</b>
            <span>{inWords(e, units)}</span>
          </WhenRow>
        ))}
      </BareList>
      {assumed.length > 0 && (
        <Text tone="muted" size="note">
          As planned:{' '}
          {assumed
            .map((l) => `${show.text(show.mass(l.dueKilograms, units))} ${l.name.toLowerCase()}`)
            .join(', ')}
          .
        </Text>
      )}
    </section>
  );
}

/** What went in or came out; readings stand in the curve. */
function inWords(e: EventView, units: Units): string {
  const mass = e.massKilograms === undefined ? '' : show.text(show.mass(e.massKilograms, units));
  switch (e.kind) {
    case 'POURED':
      return `${mass} ${e.what} went in, as poured`;
    case 'ADDED':
      return `${mass} ${e.what} added`;
    case 'LADLED_OUT':
      return `${mass} ladled out`;
    case 'PIECES_TAKEN_OUT':
      return `${e.what || 'pieces'} taken out`;
    case 'CAME_OVER':
      return `${mass} came over: ${e.what.toLowerCase()}`;
    case 'SET_OTHERWISE':
      return said(e.what);
    default:
      return '';
  }
}
