import { Link, useLocation } from 'react-router';
import { Page } from '../ui/Page';
import { Text } from '../ui/text';

/** An address that leads nowhere says so: it does not become another page. */
export function NowherePage() {
  const { pathname } = useLocation();
  return (
    <Page title="There is nothing here" sub={`no page has the address ${pathname}`}>
      <Text>
        Go to <Link to="/today">Today</Link>, the <Link to="/pots">pots</Link> or the{' '}
        <Link to="/formulas">formulas</Link>.
      </Text>
    </Page>
  );
}
