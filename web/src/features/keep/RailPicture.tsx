import type { CoolingView, HoldView, KeepingView, KitchenView } from '../../api/client';
import { show } from '../../quantities';
import { ClockRail } from '../../ui/ClockRail';
import { TimeBar } from './TimeBar';
import { pictureWords } from './pictureWords';
import { degrees } from './words';

const HOUR_MS = 3_600_000;
const ms = (at: string) => new Date(at).getTime();

interface Props {
  keeping: KeepingView;
  kitchen: KitchenView;
  now: number;
  alarm: boolean;
}

/** Temperature against its limit; time alone for what stands out. */
export function RailPicture(props: Props) {
  const { cooling, hold, setOut, startedAt } = props.keeping;
  if (setOut)
    return (
      <TimeBar
        from={startedAt}
        until={setOut.discard}
        now={props.now}
        zone={props.kitchen.settings.zone}
        over={setOut.state === 'DISCARD'}
      />
    );
  if (cooling) return <CoolingRail {...props} cooling={cooling} />;
  return hold ? <HoldRail {...props} hold={hold} /> : null;
}

const readsOf = ({ entries }: KeepingView) =>
  entries.flatMap((e) =>
    e.celsius === undefined ? [] : [{ at: e.at, celsius: e.celsius, struckOut: e.struckOut }],
  );

function CoolingRail({ keeping, kitchen, now, alarm, cooling }: Props & { cooling: CoolingView }) {
  const { units, zone } = kitchen.settings;
  const corners = cooling.marks.map((m) => ({
    celsius: m.celsius,
    by: m.deadline,
    words: `${degrees(m.celsius, units)} by ${show.hour(m.deadline, zone)}`,
  }));
  return (
    <ClockRail
      tone={alarm ? 'alarm' : 'cold'}
      from={ms(keeping.startedAt)}
      until={Math.max(now, ...cooling.marks.map((m) => ms(m.deadline))) + HOUR_MS / 4}
      nowAt={now}
      likely={cooling.likely}
      slow={cooling.slow}
      reads={readsOf(keeping)}
      edge={{
        startsAt: cooling.clockFrom ?? keeping.startedAt,
        celsius: cooling.fromCelsius,
        corners,
      }}
      hour={(at) => show.hour(at, zone)}
      title={pictureWords(keeping, now, zone, units)}
    />
  );
}

function HoldRail({ keeping, kitchen, now, alarm, hold }: Props & { hold: HoldView }) {
  const { units, zone } = kitchen.settings;
  const reads = readsOf(keeping);
  const held = reads.filter((r) => !r.struckOut);
  const celsius = held.at(-1)?.celsius ?? hold.heldCelsius;
  const course = [
    ...(held.length === 0 ? [{ at: keeping.startedAt, celsius: hold.heldCelsius }] : held),
    ...[now, now + HOUR_MS].map((at) => ({ at: new Date(at).toISOString(), celsius })),
  ];
  return (
    <ClockRail
      tone={alarm ? 'alarm' : 'hot'}
      from={ms(keeping.startedAt)}
      until={now + HOUR_MS}
      nowAt={now}
      likely={course}
      slow={[]}
      reads={reads}
      edge={{ level: hold.limitCelsius, words: `${degrees(hold.limitCelsius, units)} at least` }}
      hour={(at) => show.hour(at, zone)}
      title={pictureWords(keeping, now, zone, units)}
    />
  );
}
