import { useColorScheme } from '@mui/material';
import { useKitchen } from '../api/kitchen';
import { show } from '../quantities';
import { Text } from '../ui/text';
import { ColoursButton } from './app.styles';

const NEXT = { light: 'dark', dark: 'system', system: 'light' } as const;

/** The kitchen's facts and the colours: at the foot of the rail, on a phone under More. */
export function Facts() {
  const { data } = useKitchen();
  const { mode = 'system', setMode } = useColorScheme();
  return (
    <div>
      {data && (
        <Text tone="muted" size="small" long>
          {data.settings.name}
          <br />
          {show.text(show.altitude(data.settings.altitudeMeters, data.settings.units))}
          <br />
          water boils at{' '}
          {show.text(show.temperature(data.boilingPointCelsius, data.settings.units))}
          {data.settings.demo && (
            <>
              <br />
              made-up demo
            </>
          )}
        </Text>
      )}
      <ColoursButton onClick={() => setMode(NEXT[mode])}>{mode} colours</ColoursButton>
      <Text tone="muted" size="small">
        ? for keys
      </Text>
    </div>
  );
}
