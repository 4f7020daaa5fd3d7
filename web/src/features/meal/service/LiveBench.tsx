import { useState } from 'react';
import type { ServiceView } from '../../../api/client';
import type { Units } from '../../../quantities';
import { Pick } from '../../../ui/fields';
import { Column } from '../../../ui/layout';
import { BenchPicture } from '../bench/BenchPicture';
import { BoxGrid } from '../bench/bench.styles';
import { Dishes } from '../bench/DishMarks';
import { named } from '../bench/named';
import { Changes } from './Changes';
import { Crew } from './Crew';
import { happenedOf, liveOf } from './live';
import { SaidLog } from './SaidLog';
import type { Say } from './useSay';
import { WorkPanel } from './WorkPanel';

interface Props {
  service: ServiceView;
  say: Say;
  units: Units;
  zone: string;
  now: number;
  hours: number | undefined;
}

/** The lanes as they really go, one work to be spoken of, and what moved. */
export function LiveBench({ service, say, units, zone, now, hours }: Props) {
  const live = liveOf(service);
  const [picked, setPicked] = useState<string>();
  const open = service.bench.work.filter((w) => live.get(w.task.key)?.state !== 'OVER');
  const work = service.bench.work.find((w) => w.task.key === picked) ?? open[0];
  const one = work && live.get(work.task.key);
  const offered = work && !open.includes(work) ? [work, ...open] : open;
  return (
    <>
      <Dishes bench={service.bench} />
      <BenchPicture
        bench={service.bench}
        zone={zone}
        now={now}
        hours={hours}
        happened={happenedOf(service)}
        onPick={setPicked}
      />
      <BoxGrid>
        <Column gap={1}>
          {work && (
            <Pick
              label="Work"
              value={work.task.key}
              options={offered.map((w) => [w.task.key, named(w)] as const)}
              onPick={setPicked}
            />
          )}
          {work && one && (
            <WorkPanel
              key={work.task.key}
              service={service}
              work={work}
              live={one}
              say={say}
              units={units}
              zone={zone}
            />
          )}
        </Column>
        <Column gap={2}>
          <Changes service={service} zone={zone} />
          <SaidLog service={service} say={say} zone={zone} />
        </Column>
        <Crew service={service} say={say} />
      </BoxGrid>
    </>
  );
}
