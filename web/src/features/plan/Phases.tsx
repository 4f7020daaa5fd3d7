import { Button } from '@mui/material';
import type { PlanPreview } from '../../api/client';
import { show, type Units } from '../../quantities';
import { Pick } from '../../ui/fields';
import { LIDS, WAYS, heatInWords } from '../../ui/heat';
import { BareList } from '../../ui/layout';
import { Text } from '../../ui/text';
import type { PhaseChoice, PlanForm } from './form';
import { PhaseRow } from './plan.styles';

type Phase = PlanPreview['phases'][number];

interface Props {
  phases: Phase[];
  chosen: PhaseChoice[];
  change: (to: Partial<PlanForm>) => void;
  units: Units;
}

/** On a burner: an oven stays as its formula says. */
const HEATS = WAYS.filter((w) => w.value !== 'OVEN' && w.value !== 'BURNER').map(
  (w) => [w.value, w.text] as const,
);
const LID_WORDS = LIDS.map((l) => [l.value, `lid ${l.text}`] as const);

/** The other parts of the simmer: each as its formula says, or as it is said here. */
export function Phases({ phases, chosen, change, units }: Props) {
  if (phases.length === 0) return null;
  const set = (phase: Phase, to: Partial<PhaseChoice>) =>
    change({
      phases: [
        ...chosen.filter((c) => c.phase !== phase.phase),
        { phase: phase.phase, way: phase.heating.way, lid: phase.lid, ...to },
      ],
    });
  return (
    <BareList aria-label="Other parts of the simmer">
      {phases.map((phase) => (
        <PhaseRow key={phase.phase}>
          <Text size="note">
            {phase.title}, {show.text(show.span(phase.seconds))}
          </Text>
          {isOnBurner(phase) ? (
            <Pick
              label={`How ${phase.title} simmers`}
              hidden
              value={phase.heating.way}
              options={HEATS}
              onPick={(way) => set(phase, { way })}
            />
          ) : (
            <Text size="note">{heatInWords(phase.heating, units)}</Text>
          )}
          <Pick
            label={`Lid in ${phase.title}`}
            hidden
            value={phase.lid}
            options={LID_WORDS}
            onPick={(lid) => set(phase, { lid })}
          />
          {phase.otherwise && (
            <Button
              size="small"
              aria-label={`${phase.title} as the formula says`}
              onClick={() => change({ phases: chosen.filter((c) => c.phase !== phase.phase) })}
            >
              as written
            </Button>
          )}
        </PhaseRow>
      ))}
    </BareList>
  );
}

/** A heat that can be chosen here; a set burner and the oven are the formula's. */
const isOnBurner = ({ heating }: Phase): boolean => HEATS.some(([way]) => way === heating.way);
