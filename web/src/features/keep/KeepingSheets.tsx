import type { CoolingSetupChoice, KeepingView, KitchenView } from '../../api/client';
import { useTaken } from '../../api/occupancy';
import { QuantityField, show, typed } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { TextLine } from '../../ui/fields';
import { DegreesField } from './DegreesField';
import { SetupFields } from './SetupFields';
import { blankSetup, choiceOf, formOf } from './setup';
import { useKept } from './useKept';
import { degrees } from './words';

interface Props {
  keeping: KeepingView;
  kitchen: KitchenView;
  onClose: () => void;
}

/** A thermometer, in two taps. */
export function ReadSheet({ keeping, kitchen, onClose }: Props) {
  const of = { keepingId: keeping.id, sheet: 'read', onWritten: onClose };
  const sheet = useKept({ ...of, start: { text: '' } });
  const { values, put, write, refused } = sheet;
  const { units } = kitchen.settings;
  const read = typed(values.text, 'TEMPERATURE', 'c');
  const fault = read.fault ?? refused?.at('/celsius', read.entered);
  const save = async () =>
    read.value !== undefined &&
    write('/readings', { celsius: read.value, enteredText: read.entered });
  return (
    <Sheet
      of={sheet}
      title={`Read ${keeping.name}`}
      ready={read.value !== undefined}
      onAct={save}
      onClose={onClose}
      atField={fault}
    >
      <DegreesField
        text={values.text}
        onText={(to) => put('text', to)}
        units={units}
        fault={fault}
        autoFocus
      />
      <Note>
        {keeping.cooling
          ? 'In the middle, where it is warmest: halfway down in a deep pot, and in the fullest pan.'
          : 'At its coldest place: near the wall and at the top, stirred before.'}
      </Note>
    </Sheet>
  );
}

type PlaceProps = Props & { offered: CoolingSetupChoice | undefined };

/** Other pans, another place. */
export function PlaceSheet({ keeping, kitchen, offered, onClose }: PlaceProps) {
  const taken = useTaken();
  const of = { keepingId: keeping.id, sheet: 'place', onWritten: onClose };
  const start = { form: offered ? formOf(offered) : blankSetup(kitchen, taken) };
  const sheet = useKept({ ...of, start });
  const { values, put, write, refused } = sheet;
  const setup = choiceOf(values.form, kitchen);
  return (
    <Sheet
      of={sheet}
      title={`Cool ${keeping.name} otherwise`}
      act="It stands like that now"
      ready={setup !== undefined}
      onAct={async () => setup && write('/placings', { setup })}
      onClose={onClose}
      atField={refused?.at('/setup/count') ?? refused?.at('/setup/vesselId')}
    >
      <SetupFields
        form={values.form}
        onForm={(to) => put('form', to)}
        kitchen={kitchen}
        fault={(pointer) => refused?.at(pointer)}
      />
    </Sheet>
  );
}

/** Reheated first, and begun anew. */
export function ReheatSheet({ keeping, kitchen, offered, onClose }: PlaceProps) {
  const { units } = kitchen.settings;
  const taken = useTaken();
  const of = { keepingId: keeping.id, sheet: 'reheat', onWritten: onClose };
  const start = { text: '', form: offered ? formOf(offered) : blankSetup(kitchen, taken) };
  const sheet = useKept({ ...of, start });
  const { values, put, write, refused } = sheet;
  const read = typed(values.text, 'TEMPERATURE', 'c');
  const setup = choiceOf(values.form, kitchen);
  const fault = read.fault ?? refused?.at('/celsius', read.entered);
  const body = setup && read.value !== undefined ? { celsius: read.value, setup } : undefined;
  return (
    <Sheet
      of={sheet}
      title={`Reheat ${keeping.name} and begin again`}
      act="It is that hot all through"
      ready={body !== undefined}
      onAct={async () => body && write('/reheatings', body)}
      onClose={onClose}
      atField={fault ?? refused?.at('/setup/count') ?? refused?.at('/setup/vesselId')}
    >
      <Note>
        All of it to {degrees(keeping.cooling?.reheatCelsius ?? 74, units)} or hotter, stirred, read
        in the middle. Cooling is mended like this once.
      </Note>
      <DegreesField
        text={values.text}
        onText={(to) => put('text', to)}
        units={units}
        fault={fault}
        autoFocus
      />
      <SetupFields
        form={values.form}
        onForm={(to) => put('form', to)}
        kitchen={kitchen}
        fault={(pointer) => refused?.at(pointer)}
      />
    </Sheet>
  );
}

/** Water back into what is held. */
export function TopUpSheet({ keeping, kitchen, onClose }: Props) {
  const { units } = kitchen.settings;
  const lacking = (keeping.hold?.topUpKilograms ?? 0) / 1000;
  const of = { keepingId: keeping.id, sheet: 'top-up', onWritten: onClose };
  const sheet = useKept({ ...of, start: { text: show.text(show.poured(lacking, units)) } });
  const { values, put, write, refused } = sheet;
  const read = typed(values.text, 'VOLUME', 'ml');
  const fault = read.fault ?? refused?.at('/waterKilograms', read.entered);
  const save = async () =>
    read.value !== undefined &&
    write('/top-ups', { waterKilograms: read.value * 1000, enteredText: '' });
  return (
    <Sheet
      of={sheet}
      title={`Top ${keeping.name} up`}
      act="It is in"
      ready={read.value !== undefined}
      onAct={save}
      onClose={onClose}
      atField={fault}
    >
      <QuantityField
        label="Hot water"
        text={values.text}
        onText={(to) => put('text', to)}
        understood={read.value === undefined ? '' : show.text(show.poured(read.value, units))}
        fault={fault}
        numeric={false}
        autoFocus
      />
    </Sheet>
  );
}

const ENDS = { PUT_AWAY: 'put away, dated', SERVED: 'served', DISCARDED: 'thrown away' } as const;
export type End = keyof typeof ENDS;

/** How it ended; what is thrown away needs its reason. */
export function CloseSheet({ keeping, first, onClose }: Omit<Props, 'kitchen'> & { first: End }) {
  const of = { keepingId: keeping.id, sheet: 'close', onWritten: onClose };
  const sheet = useKept<{ as: End; reason: string }>({ ...of, start: { as: first, reason: '' } });
  const { values, put, write, refused } = sheet;
  const { as, reason } = values;
  const fault = refused?.at('/reason');
  return (
    <Sheet
      of={sheet}
      title={`End the record of ${keeping.name}`}
      ready={as !== 'DISCARDED' || reason.trim() !== ''}
      onAct={() => write('/closings', { as, reason })}
      onClose={onClose}
      atField={fault}
    >
      <Choices
        label="It is"
        options={(Object.keys(ENDS) as End[])
          .filter((e) => e !== 'PUT_AWAY' || !keeping.setOut)
          .map((value) => ({ value, text: ENDS[value] }))}
        chosen={as}
        onChoose={(to) => put('as', to)}
      />
      <TextLine
        label={as === 'DISCARDED' ? 'Why' : 'A note, if there is one'}
        text={reason}
        onText={(to) => put('reason', to)}
        fault={fault}
      />
    </Sheet>
  );
}
