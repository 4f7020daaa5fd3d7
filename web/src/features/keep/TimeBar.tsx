import { show } from '../../quantities';
import { Row } from '../../ui/layout';
import { Text } from '../../ui/text';
import { BarGround, Gone } from './keep.styles';

/** Time that is allowed, as a bar from its beginning to its end, with now on it. */
export function TimeBar({
  from,
  until,
  now,
  zone,
  over,
}: {
  from: string;
  until: string;
  now: number;
  zone: string;
  over: boolean;
}) {
  const start = new Date(from).getTime();
  const end = new Date(until).getTime();
  const share = Math.min(1, Math.max(0, (now - start) / (end - start || 1)));
  const words = `from ${show.hour(from, zone)} to ${show.hour(until, zone)}`;
  return (
    <div role="img" aria-label={`Time alone, ${words}, ${Math.round(share * 100)} % of it gone`}>
      <BarGround>
        <Gone over={over} style={{ width: `${share * 100}%` }} />
      </BarGround>
      <Row gap={0} between>
        {[from, until].map((at) => (
          <Text key={at} tone="muted" size="small">
            {show.hour(at, zone)}
          </Text>
        ))}
      </Row>
    </div>
  );
}
