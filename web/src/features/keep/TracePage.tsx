import { useState } from 'react';
import { Link } from 'react-router';
import type { TraceStep } from '../../api/client';
import { useKitchen } from '../../api/kitchen';
import { useRecall } from '../../api/lots';
import { show } from '../../quantities';
import { TextLine } from '../../ui/fields';
import { Note } from '../../ui/Note';
import { Page } from '../../ui/Page';
import { BareList, RuledRow } from '../../ui/layout';
import { Text, Span } from '../../ui/text';

const KINDS: Record<TraceStep['what'], string> = {
  SOURCE: 'can or tag',
  BATCH: 'batch',
  LOT: 'tubs',
  DISH: 'dish',
};

/** Everything that something with a code may be in: what is called back. */
export function TracePage() {
  const { data: kitchen } = useKitchen();
  const [code, setCode] = useState('');
  const { data: found, error } = useRecall(code.trim());
  return (
    <Page
      title="Trace and recall"
      sub="from the code on a can or a shellfish tag to every tub and dish it may be in"
      step="Keep"
    >
      <TextLine
        label="Code on the can, or number of the tag"
        text={code}
        onText={setCode}
        note="as it was noted with the batch"
      />
      {error && <Note tone="tomato">{error.message}</Note>}
      {found &&
        kitchen &&
        code.trim() &&
        (found.length === 0 ? (
          <Text role="status">
            No batch has this code. Codes are noted at the batch’s page in the logbook, under ‘what
            went in’.
          </Text>
        ) : (
          <>
            <Text role="status" bold>
              {count(found, 'LOT', 'lot of tubs', 'lots of tubs')} and{' '}
              {count(found, 'DISH', 'dish', 'dishes')} may have it in them.
            </Text>
            <Steps steps={found} zone={kitchen.settings.zone} empty="" />
          </>
        ))}
      <Text tone="muted" size="small">
        From a tub the trace goes back as well: open the tub.
      </Text>
    </Page>
  );
}

function count(steps: TraceStep[], what: TraceStep['what'], one: string, more: string): string {
  const found = steps.filter((s) => s.what === what).length;
  return `${found} ${found === 1 ? one : more}`;
}

/** The way from can to dish, step by step. */
export function Steps({ steps, zone, empty }: { steps: TraceStep[]; zone: string; empty: string }) {
  if (steps.length === 0) return <Text tone="muted">{empty}</Text>;
  return (
    <BareList>
      {steps.map((s, i) => (
        <RuledRow key={`${s.what}${s.id ?? ''}${s.name}${s.at ?? i}`}>
          <Span tone="muted" size="small">
            {KINDS[s.what]}{' '}
          </Span>
          <StepName step={s} />
          {s.code && <b> {s.code}</b>}
          <Span tone="muted" size="small">
            {' '}
            {[s.at ? show.day(s.at, zone) : '', s.words].filter(Boolean).join(', ')}
          </Span>
        </RuledRow>
      ))}
    </BareList>
  );
}

function StepName({ step }: { step: TraceStep }) {
  if (step.what === 'LOT' && step.id) return <Link to={`/keep/lots/${step.id}`}>{step.name}</Link>;
  if (step.what === 'BATCH' && step.id) return <Link to={`/logbook/${step.id}`}>{step.name}</Link>;
  return <>{step.name}</>;
}
