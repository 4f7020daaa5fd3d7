import { useState } from 'react';
import type { CoolingSetupChoice, KeepingView, KitchenView } from '../../api/client';
import { useTaken } from '../../api/occupancy';
import { QuantityField, parseQuantity, show } from '../../quantities';
import { Choices } from '../../ui/Choices';
import { TextLine } from '../../ui/fields';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { SetupFields } from './SetupFields';
import { blankSetup, choiceOf, formOf } from './setup';
import { degreesTyped, useKept } from './useKept';
import { degrees } from './words';

interface Props {
  keeping: KeepingView;
  kitchen: KitchenView;
  onClose: () => void;
}

/** A thermometer, in two taps. */
export function ReadSheet({ keeping, kitchen, onClose }: Props) {
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useKept(keeping.id, onClose);
  const { units } = kitchen.settings;
  const [text, setText] = useState('');
  const { own, entered } = degreesTyped(text, units);
  const read = parseQuantity(text, 'TEMPERATURE', own);
  const fault = text && read.outcome !== 'understood' ? read.message : refused?.at('/celsius');
  const save = () =>
    read.outcome === 'understood'
      ? write('/readings', { celsius: read.value, enteredText: entered })
      : undefined;
  return (
    <Sheet
      title={`Read ${keeping.name}`}
      act="Save"
      ready={read.outcome === 'understood' && hourUnderstood}
      onAct={() => void save()}
      onClose={onClose}
    >
      <QuantityField
        label="The thermometer shows"
        text={text}
        onText={edit(setText)}
        understood={read.outcome === 'understood' ? degrees(read.value, units) : ''}
        fault={fault}
        autoFocus
      />
      {hour}
      <Note>
        {keeping.cooling
          ? 'In the middle, where it is warmest: halfway down in a deep pot, and in the fullest pan.'
          : 'At its coldest place: near the wall and at the top, stirred before.'}
      </Note>
      {elsewhere(fault)}
    </Sheet>
  );
}

/** Other pans, another place; or reheated first and begun anew. */
export function PlaceSheet({
  keeping,
  kitchen,
  offered,
  reheat,
  onClose,
}: Props & { offered: CoolingSetupChoice | undefined; reheat: boolean }) {
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useKept(keeping.id, onClose);
  const { units } = kitchen.settings;
  const taken = useTaken();
  const [form, setForm] = useState(() => (offered ? formOf(offered) : blankSetup(kitchen, taken)));
  const [text, setText] = useState('');
  const { own } = degreesTyped(text, units);
  const read = parseQuantity(text, 'TEMPERATURE', own);
  const setup = choiceOf(form, kitchen);
  const hot = !reheat || read.outcome === 'understood';
  const fault = text && read.outcome !== 'understood' ? read.message : refused?.at('/celsius');
  const save = () => {
    if (!setup) return undefined;
    return reheat
      ? read.outcome === 'understood'
        ? write('/reheatings', { celsius: read.value, setup })
        : undefined
      : write('/placings', { setup });
  };
  const to = degrees(keeping.cooling?.reheatCelsius ?? 74, units);
  return (
    <Sheet
      title={reheat ? `Reheat ${keeping.name} and begin again` : `Cool ${keeping.name} otherwise`}
      act={reheat ? 'It is that hot all through' : 'It stands like that now'}
      ready={setup !== undefined && hot && hourUnderstood}
      onAct={() => void save()}
      onClose={onClose}
    >
      {reheat && (
        <Note>
          All of it to {to} or hotter, stirred, read in the middle. Cooling is mended like this
          once.
        </Note>
      )}
      {reheat && (
        <QuantityField
          label="The thermometer shows"
          text={text}
          onText={edit(setText)}
          understood={read.outcome === 'understood' ? degrees(read.value, units) : ''}
          fault={fault}
          autoFocus
        />
      )}
      <SetupFields
        form={form}
        onForm={edit(setForm)}
        kitchen={kitchen}
        fault={(pointer) => refused?.at(pointer)}
      />
      {hour}
      {elsewhere(fault ?? refused?.at('/setup/count') ?? refused?.at('/setup/vesselId'))}
    </Sheet>
  );
}

/** Water back into what is held. */
export function TopUpSheet({ keeping, kitchen, onClose }: Props) {
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useKept(keeping.id, onClose);
  const { units } = kitchen.settings;
  const [text, setText] = useState(() =>
    show.text(show.poured((keeping.hold?.topUpKilograms ?? 0) / 1000, units)),
  );
  const read = parseQuantity(text, 'VOLUME', 'ml');
  const fault =
    text && read.outcome !== 'understood' ? read.message : refused?.at('/waterKilograms');
  const save = () =>
    read.outcome === 'understood'
      ? write('/top-ups', { waterKilograms: read.value * 1000, enteredText: '' })
      : undefined;
  return (
    <Sheet
      title={`Top ${keeping.name} up`}
      act="It is in"
      ready={read.outcome === 'understood' && hourUnderstood}
      onAct={() => void save()}
      onClose={onClose}
    >
      <QuantityField
        label="Hot water"
        text={text}
        onText={edit(setText)}
        understood={read.outcome === 'understood' ? show.text(show.poured(read.value, units)) : ''}
        fault={fault}
        numeric={false}
        autoFocus
      />
      {hour}
      {elsewhere(fault)}
    </Sheet>
  );
}

const ENDS = { PUT_AWAY: 'put away, dated', SERVED: 'served', DISCARDED: 'thrown away' } as const;
type End = keyof typeof ENDS;

/** How it ended; what is thrown away needs its reason. */
export function CloseSheet({ keeping, first, onClose }: Omit<Props, 'kitchen'> & { first: End }) {
  const { edit, write, refused, hour, hourUnderstood, elsewhere } = useKept(keeping.id, onClose);
  const [as, setAs] = useState<End>(first);
  const [reason, setReason] = useState('');
  const ready = hourUnderstood && (as !== 'DISCARDED' || reason.trim() !== '');
  return (
    <Sheet
      title={`${keeping.name} is done with`}
      act="Save"
      ready={ready}
      onAct={() => void write('/closings', { as, reason })}
      onClose={onClose}
    >
      <Choices
        label="It is"
        options={(Object.keys(ENDS) as End[])
          .filter((e) => e !== 'PUT_AWAY' || !keeping.setOut)
          .map((value) => ({ value, text: ENDS[value] }))}
        chosen={as}
        onChoose={edit(setAs)}
      />
      <TextLine
        label={as === 'DISCARDED' ? 'Why' : 'A note, if there is one'}
        text={reason}
        onText={edit(setReason)}
        fault={refused?.at('/reason')}
      />
      {hour}
      {elsewhere(refused?.at('/reason'))}
    </Sheet>
  );
}
