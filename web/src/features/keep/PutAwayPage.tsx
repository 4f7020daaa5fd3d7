import { Link, useSearchParams } from 'react-router';
import { newId, type KitchenView } from '../../api/client';
import { useKeepings } from '../../api/keeping';
import { useKitchen } from '../../api/kitchen';
import { useTubs } from '../../api/lots';
import { QuantityField, show, typed, type Units } from '../../quantities';
import { sizes } from '../../theme/tokens';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Pick, TextLine } from '../../ui/fields';
import { Column } from '../../ui/layout';
import { Text } from '../../ui/text';
import { useAct } from '../../ui/useAct';
import { useGo } from '../../ui/useGo';
import { MoreThanMade, moreBecause } from './MoreThanMade';
import { TubsForecast } from './TubsForecast';
import { WhatFields, whatOf, type WhatForm } from './WhatFields';
import { FormAndForecast } from './keep.styles';
import { useLotEntry } from './useLotEntry';
import { Coming } from '../../ui/Pending';

/** What a field of the form says itself. */
const AT_FIELDS = ['/tubCubicMeters', '/what/massKilograms', '/uncooledBecause', '/moreBecause'];
const NOW = '2000-01-01T00:00:00Z';

/** Cold sauce into tubs, with its date. */
export function PutAwayPage() {
  const { data: kitchen, error } = useKitchen();
  return (
    <Page
      title="Put away"
      sub="tubs with room to freeze, a label, and a date by the rule"
      step="Keep"
    >
      <Coming error={error} come={kitchen !== undefined} />
      {kitchen &&
        (kitchen.coldPlaces.length === 0 ? (
          <Text>
            This kitchen has no refrigerator or freezer yet.{' '}
            <Link to="/kitchen">Add one under Kitchen</Link>, then tubs can stand in it.
          </Text>
        ) : (
          <TubForm kitchen={kitchen} />
        ))}
    </Page>
  );
}

interface Tubs {
  cooling: string;
  what: WhatForm;
  because: string;
  more: string;
  text: string;
  placeId: string;
}

/** What is put away as it is typed, the tubs that it makes, and what is wrong with it. */
function usePutAway(kitchen: KitchenView) {
  const go = useGo();
  const [search] = useSearchParams();
  const start: Tubs = {
    cooling: search.get('cooling') ?? '',
    what: { of: '', mass: '' },
    because: '',
    more: '',
    text: kitchen.settings.units === 'US' ? '1 qt' : '1 l',
    placeId: kitchen.coldPlaces[0]?.id ?? '',
  };
  const named = start.cooling ? `tubs of ${start.cooling}` : 'tubs';
  const sheet = useLotEntry({ sheet: named, start, onWritten: () => go('/keep') });
  const { values, refused, write } = sheet;
  const tub = typed(values.text, 'VOLUME', 'l');
  const what = whatOf(values.what, kitchen);
  const source = values.cooling ? { keepingId: values.cooling } : what ? { what } : undefined;
  const { because } = values;
  const body =
    source && tub.value !== undefined
      ? {
          ...source,
          tubCubicMeters: tub.value,
          tubText: tub.entered,
          placeId: values.placeId,
          ...(values.cooling || !because.trim() ? {} : { uncooledBecause: because }),
          ...moreBecause(values.more),
        }
      : undefined;
  const { tubs, problem } = useTubs(
    body && { ...body, id: newId(), stamp: { typedAt: NOW, sentAt: NOW } },
  );
  const wrong = (pointer: string) => refused?.at(pointer) ?? problem?.at(pointer);
  return {
    sheet,
    tub,
    tubs: body && tubs,
    problem,
    wrong,
    tubFault: tub.fault ?? wrong('/tubCubicMeters'),
    ready: body !== undefined && sheet.hourUnderstood,
    save: async () => body && sheet.hourUnderstood && write('', body),
  };
}

function TubForm({ kitchen }: { kitchen: KitchenView }) {
  const away = usePutAway(kitchen);
  const { sheet, tub, tubs, problem, wrong, tubFault } = away;
  const { values, put, refused, hour, refusedElsewhere } = sheet;
  const { act, busy } = useAct();
  const { units } = kitchen.settings;
  return (
    <FormAndForecast>
      <Column
        as="form"
        gap={2}
        onSubmit={(e) => {
          e.preventDefault();
          act(away.save);
        }}
      >
        <FromField cooling={values.cooling} onCooling={(to) => put('cooling', to)} units={units} />
        {!values.cooling && (
          <>
            <WhatFields
              form={values.what}
              onForm={(to) => put('what', to)}
              kitchen={kitchen}
              fault={wrong('/what/massKilograms')}
            />
            <Note>
              Nothing here shows how it was cooled: <Link to="/keep/cool">cool it first</Link>, or
              say why there is no record. The reason stays with the tubs.
            </Note>
            <TextLine
              label="Why no cooling is recorded"
              text={values.because}
              onText={(to) => put('because', to)}
              placeholder="cooled in the ice bath at noon, watched by Ida"
              fault={refused?.at('/uncooledBecause')}
            />
          </>
        )}
        <MoreThanMade because={values.more} onBecause={(to) => put('more', to)} refused={refused} />
        <QuantityField
          label="A tub holds, to the rim"
          text={values.text}
          onText={(to) => put('text', to)}
          understood={tub.value === undefined ? '' : show.text(show.poured(tub.value, units))}
          fault={tubFault}
          numeric={false}
        />
        <Pick
          label="Into"
          value={values.placeId}
          options={kitchen.coldPlaces.map(
            (p) =>
              [p.id, `${p.name}, ${show.text(show.temperature(p.celsius, units, 0))}`] as const,
          )}
          onPick={(to) => put('placeId', to)}
        />
        {hour}
        <ActButton
          type="submit"
          variant="contained"
          disabled={!away.ready}
          busy={busy}
          sx={{ minHeight: sizes.target }}
        >
          It is put away
        </ActButton>
        {refusedElsewhere && !AT_FIELDS.some((field) => refusedElsewhere.at(field)) && (
          <Note tone="tomato">{refusedElsewhere.summary}</Note>
        )}
      </Column>
      {tubs ? (
        <TubsForecast tubs={tubs} units={units} />
      ) : (
        <Text tone="muted">{problem?.summary ?? 'Say what it is: tubs and dates follow.'}</Text>
      )}
    </FormAndForecast>
  );
}

interface FromProps {
  cooling: string;
  onCooling: (id: string) => void;
  units: Units;
}
/** What was cold in time first. */
function FromField({ cooling, onCooling, units }: FromProps) {
  const { data: keepings = [] } = useKeepings();
  const options = [
    ...keepings
      .filter((k) => k.cooling?.action === 'PUT_AWAY')
      .map((k) => {
        const mass = show.text(show.mass(k.massKilograms ?? 0, units));
        return [k.id, `${k.name}, ${mass}, cold in time`] as const;
      }),
    ['', 'something else'] as const,
  ];
  return <Pick label="From" value={cooling} options={options} onPick={onCooling} />;
}
