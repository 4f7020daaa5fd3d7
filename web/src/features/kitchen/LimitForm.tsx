import { client, type LimitView, type RuleSetView } from '../../api/client';
import { answered } from '../../api/problem';
import { show, typed, type Kind, type Units } from '../../quantities';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { SheetField } from '../../ui/SheetField';
import { TextLine } from '../../ui/fields';
import { useEdit } from './useEdit';

const KINDS: Record<LimitView['unit'], { kind: Kind; own: string }> = {
  CELSIUS: { kind: 'TEMPERATURE', own: 'c' },
  SECONDS: { kind: 'DURATION', own: 'min' },
  DAYS: { kind: 'COUNT', own: '' },
  TIMES: { kind: 'COUNT', own: '' },
  YES_NO: { kind: 'COUNT', own: '' },
};

function written(limit: LimitView, units: Units): string {
  switch (limit.unit) {
    case 'CELSIUS':
      return show.text(show.temperature(limit.value, units));
    case 'SECONDS':
      return `${limit.value / 60} min`;
    case 'DAYS':
    case 'TIMES':
    case 'YES_NO':
      return String(limit.value);
  }
}

interface Props {
  set: RuleSetView;
  limit: LimitView;
  units: Units;
  onClose: () => void;
}

/** Another value for a limit, with the reason that inspectors and colleagues will read. */
export function LimitForm({ set, limit, units, onClose }: Props) {
  const start = { text: written(limit, units), reason: '' };
  const of = { id: `${set.id} ${limit.limit}` };
  const sheet = useEdit({ of, kind: 'limit', start, onSaved: onClose });
  const { values, put, save, refused } = sheet;
  const { kind, own } = KINDS[limit.unit];
  const read = typed(values.text, kind, own);
  const write = async () => {
    if (read.value === undefined) return;
    const to = {
      params: { path: { id: set.id, limit: limit.limit } },
      body: { value: read.value, reason: values.reason },
    };
    await save(() => answered(client.PUT('/api/rule-sets/{id}/limits/{limit}', to)));
  };
  return (
    <Sheet
      of={sheet}
      title={`Change: ${limit.inWords}`}
      act="Change it"
      ready={read.value !== undefined}
      onAct={write}
      onClose={onClose}
      atField={read.fault ?? refused?.at('/value') ?? refused?.at('/reason')}
    >
      <SheetField
        of={sheet}
        name="text"
        label={limit.unit === 'YES_NO' ? '1 for yes, 0 for no' : 'To'}
        pointer="/value"
        read={read}
        understood={`${set.basisName ?? ''}: ${limit.section}`}
        autoFocus
      />
      <TextLine
        label="Reason: who decided it, and by what"
        text={values.reason}
        onText={(to) => put('reason', to)}
        fault={refused?.at('/reason')}
      />
      <Note>
        A laxer limit than the code’s is marked as one on the screen. Local code comes first.
      </Note>
    </Sheet>
  );
}
