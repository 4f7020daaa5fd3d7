import { Box, Button } from '@mui/material';
import type {
  CoolingForecastView,
  CoolingPreview,
  CoolingSetupChoice,
  KitchenView,
} from '../../api/client';
import { show, type Units } from '../../quantities';
import { ShowWorking } from '../../ui/ShowWorking';
import { degrees, span, standing, verdict, wayOut } from './words';
import { BareList, Column } from '../../ui/layout';
import { Span, Text, type Tone } from '../../ui/text';
import { WayRow } from './keep.styles';

const TONES: Record<CoolingForecastView['verdict'], Tone> = {
  MAKES_IT: 'good',
  PASSED: 'good',
  RECKONED: 'warn',
  MAY_MISS: 'warn',
  WILL_MISS: 'alarm',
  NEVER: 'alarm',
  MISSED: 'alarm',
};

interface Props {
  preview: CoolingPreview;
  kitchen: KitchenView;
  onTake: (choice: CoolingSetupChoice) => void;
}

/** What was chosen, and what would be better with this kitchen's pans. */
export function Forecast({ preview, kitchen, onTake }: Props) {
  const { units } = kitchen.settings;
  const { ways } = preview;
  return (
    <Column gap={2}>
      <Chosen preview={preview} units={units} />
      <MakingIt ways={ways} units={units} onTake={onTake} />
      <Text tone="muted" size="small">
        By {preview.ruleSetName}; your local code comes first. As many of a pan are counted on as
        are named: look whether you have them.
      </Text>
    </Column>
  );
}

function Chosen({ preview, units }: { preview: CoolingPreview; units: Units }) {
  const { chosen, ifStirred } = preview;
  const helps =
    chosen.verdict !== 'MAKES_IT' &&
    ifStirred.verdict !== 'WILL_MISS' &&
    ifStirred.verdict !== 'NEVER' &&
    chosen.setup.stirredEveryMinutes === undefined;
  return (
    <Box component="section" aria-label="As chosen">
      <Text tone="muted">{standing(chosen.setup, units)}</Text>
      <Text component="p" role="status" size="large" figures tone={TONES[chosen.verdict]}>
        {verdict(chosen.verdict)}
      </Text>
      <Marks forecast={chosen} units={units} />
      {chosen.setup.iceKilograms > 0 && (
        <Text size="note">
          Its heat melts {show.text(show.mass(chosen.setup.iceKilograms, units))} of ice; have half
          as much again.
        </Text>
      )}
      {preview.workings[0] && (
        <ShowWorking working={preview.workings[0]} title="Hours of cooling" />
      )}
      {helps && (
        <Text sx={{ mt: 1 }}>
          Stirred through every 10 min it is likely to make it
          {ifStirred.marks[0]?.likelySeconds === undefined
            ? ''
            : `: ${degrees(ifStirred.marks[0].celsius, units)} in about ${span(ifStirred.marks[0].likelySeconds)}`}
          . Nobody can promise to stir: read it.
        </Text>
      )}
    </Box>
  );
}

interface MakingItProps {
  ways: CoolingPreview['ways'];
  units: Units;
  onTake: (choice: CoolingSetupChoice) => void;
}
function MakingIt({ ways, units, onTake }: MakingItProps) {
  return (
    <Box component="section" aria-label="Ways that make it">
      <Text variant="h2" sx={{ mb: 0.5 }}>
        Makes it, with what there is
      </Text>
      {ways.length === 0 && (
        <Text>
          No pans and cold places of this kitchen make it: less at a time, shallower pans, or a
          chiller.
        </Text>
      )}
      <BareList>
        {ways.map((way) => (
          <WayRow key={wayOut(way, units)}>
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Text strong>{wayOut(way, units)}</Text>
              <Marks forecast={way.forecast} units={units} />
            </Box>
            <Button variant="outlined" onClick={() => onTake(way.choice)} sx={{ flexShrink: 0 }}>
              Take it
            </Button>
          </WayRow>
        ))}
      </BareList>
    </Box>
  );
}

function Marks({ forecast, units }: { forecast: CoolingForecastView; units: Units }) {
  return (
    <BareList>
      {forecast.marks.map((m) => (
        <Text component="li" key={m.celsius} size="note">
          {degrees(m.celsius, units)} in{' '}
          {m.likelySeconds === undefined ? 'more than two days' : `about ${span(m.likelySeconds)}`}
          {m.slowSeconds === undefined
            ? ', on the slow side never'
            : `, at most ${span(m.slowSeconds)}`}
          ; {span(m.withinSeconds)} allowed <Span tone="muted">({m.section})</Span>
        </Text>
      ))}
    </BareList>
  );
}
