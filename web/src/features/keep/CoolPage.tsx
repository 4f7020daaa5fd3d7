import { Link, useSearchParams } from 'react-router';
import type { KitchenView } from '../../api/client';
import { useCoolingPreview } from '../../api/keeping';
import { useKitchen } from '../../api/kitchen';
import { useTaken } from '../../api/occupancy';
import { sizes } from '../../theme/tokens';
import { ActButton } from '../../ui/ActButton';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { Column } from '../../ui/layout';
import { Text } from '../../ui/text';
import { useAct } from '../../ui/useAct';
import { useGo } from '../../ui/useGo';
import { DegreesField } from './DegreesField';
import { Forecast } from './Forecast';
import { MoreThanMade, moreBecause } from './MoreThanMade';
import { SetupFields } from './SetupFields';
import { ThickestPiece } from './ThickestPiece';
import { WhatFields, whatOf, type WhatForm } from './WhatFields';
import { FormAndForecast } from './keep.styles';
import { blankSetup, choiceOf, formOf, type SetupForm } from './setup';
import { typed } from '../../quantities';
import { useKept } from './useKept';
import { Coming } from '../../ui/Pending';

const REST_MS = 120;
/** What a field of the form says itself. */
const AT_FIELDS = [
  '/startCelsius',
  '/what/massKilograms',
  '/what/thickestPieceMeters',
  '/setup/count',
  '/setup/vesselId',
];

/** Whether it will be cold in time, before anything is poured. */
export function CoolPage() {
  const { data: kitchen, error } = useKitchen();
  return (
    <Page
      title="Will it be cold in time"
      sub="reckoned before you start, on the slow side of what is known"
      step="Keep"
    >
      <Coming error={error} come={kitchen !== undefined} />
      {kitchen &&
        (kitchen.vessels.length === 0 ? (
          <Text>
            First tell Urn Stew what there is to cool in:{' '}
            <Link to="/kitchen">add a pot or a tray under Kitchen</Link>, and the cold places.
          </Text>
        ) : (
          <CoolForm kitchen={kitchen} />
        ))}
    </Page>
  );
}

interface Cooling {
  what: WhatForm;
  text: string;
  setup: SetupForm | null;
  more: string;
}

/** The cooling as it is typed, what it would come to, and what is wrong with it. */
function useCooling(kitchen: KitchenView) {
  const go = useGo();
  const [search] = useSearchParams();
  const batch = search.get('batch');
  const taken = useTaken();
  const start: Cooling = {
    what: { of: batch ? `batch:${batch}` : '', mass: search.get('mass') ?? '' },
    text: kitchen.settings.units === 'US' ? '190 °F' : '88 °C',
    setup: null,
    more: '',
  };
  const named = batch ? `cooling of ${batch}` : 'cooling';
  const sheet = useKept({ sheet: named, start, onWritten: () => go('/keep') });
  const { values, refused, write } = sheet;
  const setupForm = values.setup ?? blankSetup(kitchen, taken);
  const read = typed(values.text, 'TEMPERATURE', 'c');
  const what = whatOf(values.what, kitchen);
  const setup = choiceOf(setupForm, kitchen);
  const request =
    what && setup && read.value !== undefined
      ? { what, startCelsius: read.value, setup }
      : undefined;
  const { preview, problem } = useCoolingPreview(request, REST_MS);
  const wrong = (pointer: string) => refused?.at(pointer) ?? problem?.at(pointer);
  const save = async () =>
    request &&
    sheet.hourUnderstood &&
    write('/coolings', { ...request, ...moreBecause(values.more) });
  const elsewhere = [sheet.refusedElsewhere, problem].find(
    (p) => p && !AT_FIELDS.some((field) => p.at(field)),
  );
  return {
    sheet,
    setupForm,
    request,
    preview,
    problem,
    wrong,
    elsewhere,
    degreesFault: read.fault ?? wrong('/startCelsius'),
    save,
    ready: request !== undefined && sheet.hourUnderstood && !problem,
  };
}

function CoolForm({ kitchen }: { kitchen: KitchenView }) {
  const cooling = useCooling(kitchen);
  const { sheet, setupForm, request, preview, problem, wrong, elsewhere } = cooling;
  const { values, put, refused, hour } = sheet;
  const { act, busy } = useAct();
  const { units } = kitchen.settings;
  const pieces =
    preview?.thickestPieceMeters !== undefined ||
    values.what.thickest ||
    wrong('/what/thickestPieceMeters');
  return (
    <FormAndForecast>
      <Column
        as="form"
        gap={2}
        onSubmit={(e) => {
          e.preventDefault();
          act(cooling.save);
        }}
      >
        <WhatFields
          form={values.what}
          onForm={(to) => put('what', to)}
          kitchen={kitchen}
          fault={wrong('/what/massKilograms')}
        />
        <MoreThanMade because={values.more} onBecause={(to) => put('more', to)} refused={refused} />
        {pieces && (
          <ThickestPiece
            text={values.what.thickest ?? ''}
            reckoned={problem ? undefined : preview?.thickestPieceMeters}
            units={units}
            onText={(thickest) => put('what', { ...values.what, thickest })}
            fault={wrong('/what/thickestPieceMeters')}
          />
        )}
        <DegreesField
          label="How hot it is now, all through"
          text={values.text}
          onText={(to) => put('text', to)}
          units={units}
          fault={cooling.degreesFault}
        />
        <SetupFields
          form={setupForm}
          onForm={(to) => put('setup', to)}
          kitchen={kitchen}
          fault={wrong}
        />
        {hour}
        <ActButton
          type="submit"
          variant="contained"
          disabled={!cooling.ready}
          busy={busy}
          sx={{ minHeight: sizes.target }}
        >
          It is cooling
        </ActButton>
        {elsewhere && <Note tone="tomato">{elsewhere.summary}</Note>}
      </Column>
      {preview && request ? (
        <Forecast
          preview={preview}
          kitchen={kitchen}
          onTake={(choice) => put('setup', formOf(choice))}
        />
      ) : (
        <Text tone="muted">Say what it is and how much: the hours follow.</Text>
      )}
    </FormAndForecast>
  );
}
