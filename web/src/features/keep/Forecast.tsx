import { Box, Button, Typography } from '@mui/material';
import type {
  CoolingForecastView,
  CoolingPreview,
  CoolingSetupChoice,
  KitchenView,
} from '../../api/client';
import { show, type Units } from '../../quantities';
import { faces, sizes } from '../../theme/tokens';
import { ShowWorking } from '../../ui/ShowWorking';
import { degrees, span, standing, verdict, wayOut } from './words';

const TONES: Record<CoolingForecastView['verdict'], string> = {
  MAKES_IT: 'success.main',
  PASSED: 'success.main',
  RECKONED: 'warning.main',
  MAY_MISS: 'warning.main',
  WILL_MISS: 'error.main',
  NEVER: 'error.main',
  MISSED: 'error.main',
};

interface Props {
  preview: CoolingPreview;
  kitchen: KitchenView;
  onTake: (choice: CoolingSetupChoice) => void;
}

/** What was chosen, and what would be better with this kitchen's pans. */
export function Forecast({ preview, kitchen, onTake }: Props) {
  const { units } = kitchen.settings;
  const { chosen, ifStirred, ways } = preview;
  const helps =
    chosen.verdict !== 'MAKES_IT' &&
    ifStirred.verdict !== 'WILL_MISS' &&
    ifStirred.verdict !== 'NEVER' &&
    chosen.setup.stirredEveryMinutes === undefined;
  return (
    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 2, minWidth: 0 }}>
      <Box component="section" aria-label="As chosen">
        <Typography sx={{ color: 'text.secondary' }}>{standing(chosen.setup, units)}</Typography>
        <Typography
          component="p"
          role="status"
          sx={{
            fontFamily: faces.figures,
            fontWeight: 800,
            fontSize: sizes.figureLarge,
            lineHeight: 1.1,
            color: TONES[chosen.verdict],
          }}
        >
          {verdict(chosen.verdict)}
        </Typography>
        <Marks forecast={chosen} units={units} />
        {chosen.setup.iceKilograms > 0 && (
          <Typography sx={{ fontSize: sizes.note }}>
            Its heat melts {show.text(show.mass(chosen.setup.iceKilograms, units))} of ice; have
            half as much again.
          </Typography>
        )}
        {preview.workings[0] && (
          <ShowWorking working={preview.workings[0]} title="Hours of cooling" />
        )}
        {helps && (
          <Typography sx={{ mt: 1 }}>
            Stirred through every 10 min it is likely to make it
            {ifStirred.marks[0]?.likelySeconds === undefined
              ? ''
              : `: ${degrees(ifStirred.marks[0].celsius, units)} in about ${span(ifStirred.marks[0].likelySeconds)}`}
            . Nobody can promise to stir: read it.
          </Typography>
        )}
      </Box>
      <Box component="section" aria-label="Ways that make it">
        <Typography variant="h2" sx={{ mb: 0.5 }}>
          Makes it, with what there is
        </Typography>
        {ways.length === 0 && (
          <Typography>
            No pans and cold places of this kitchen make it: less at a time, shallower pans, or a
            chiller.
          </Typography>
        )}
        <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
          {ways.map((way) => (
            <Box
              component="li"
              key={wayOut(way, units)}
              sx={{
                borderTop: 1,
                borderColor: 'divider',
                py: 1,
                display: 'flex',
                gap: 2,
                alignItems: 'center',
              }}
            >
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <Typography sx={{ fontWeight: 600 }}>{wayOut(way, units)}</Typography>
                <Marks forecast={way.forecast} units={units} />
              </Box>
              <Button variant="outlined" onClick={() => onTake(way.choice)} sx={{ flexShrink: 0 }}>
                Take it
              </Button>
            </Box>
          ))}
        </Box>
      </Box>
      <Typography sx={{ fontSize: sizes.small, color: 'text.secondary' }}>
        By {preview.ruleSetName}; your local code comes first. As many of a pan are counted on as
        are named: look whether you have them.
      </Typography>
    </Box>
  );
}

function Marks({ forecast, units }: { forecast: CoolingForecastView; units: Units }) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
      {forecast.marks.map((m) => (
        <Typography component="li" key={m.celsius} sx={{ fontSize: sizes.note }}>
          {degrees(m.celsius, units)} in{' '}
          {m.likelySeconds === undefined ? 'more than two days' : `about ${span(m.likelySeconds)}`}
          {m.slowSeconds === undefined
            ? ', on the slow side never'
            : `, at most ${span(m.slowSeconds)}`}
          ; {span(m.withinSeconds)} allowed{' '}
          <Box component="span" sx={{ color: 'text.secondary' }}>
            ({m.section})
          </Box>
        </Typography>
      ))}
    </Box>
  );
}
