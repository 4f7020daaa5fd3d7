import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { client, type LimitView, type RuleSetView } from '../../api/client';
import { answered } from '../../api/problem';
import { parseQuantity, QuantityField, show, type Kind, type Units } from '../../quantities';
import { TextLine } from '../../ui/fields';
import { Note } from '../../ui/Note';
import { Sheet } from '../../ui/Sheet';
import { useSave } from './useSave';

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

/** Another value for a limit, with the reason that inspectors and colleagues will read. */
export function LimitForm({
  set,
  limit,
  units,
  onClose,
}: {
  set: RuleSetView;
  limit: LimitView;
  units: Units;
  onClose: () => void;
}) {
  const queries = useQueryClient();
  const [text, setText] = useState(() => written(limit, units));
  const [reason, setReason] = useState('');
  const { problem, save } = useSave(() => {
    void queries.invalidateQueries({ queryKey: ['rule-sets'] });
    onClose();
  });
  const { kind, own } = KINDS[limit.unit];
  const read = parseQuantity(text, kind, kind === 'TEMPERATURE' && units === 'US' ? 'f' : own);
  const write = () => {
    if (read.outcome !== 'understood') return;
    void save(() =>
      answered(
        client.PUT('/api/rule-sets/{id}/limits/{limit}', {
          params: { path: { id: set.id, limit: limit.limit } },
          body: { value: read.value, reason },
        }),
      ),
    );
  };
  const elsewhere = problem && !problem.at('/value') && !problem.at('/reason');
  return (
    <Sheet
      title={`Change: ${limit.inWords}`}
      act="Change it"
      ready={read.outcome === 'understood'}
      onAct={write}
      onClose={onClose}
    >
      <QuantityField
        label={limit.unit === 'YES_NO' ? '1 for yes, 0 for no' : 'To'}
        text={text}
        onText={setText}
        understood={`${set.basisName ?? ''}: ${limit.section}`}
        fault={text && read.outcome !== 'understood' ? read.message : problem?.at('/value')}
        numeric={false}
        autoFocus
      />
      <TextLine
        label="Reason: who decided it, and by what"
        text={reason}
        onText={setReason}
        fault={problem?.at('/reason')}
      />
      <Note>
        A laxer limit than the code’s is marked as one on the screen. Local code comes first.
      </Note>
      {elsewhere && <Note tone="tomato">{problem.summary}</Note>}
    </Sheet>
  );
}
