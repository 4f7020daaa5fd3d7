import { Suspense, useEffect, useMemo } from 'react';
import { Outlet, useLocation } from 'react-router';
import { KeyMap } from '../ui/keys';
import { Bones } from '../ui/Pending';
import { Told } from '../ui/Told';
import { UndoOffer } from '../ui/UndoOffer';
import { WorkingProvider } from '../ui/WorkingDrawer';
import { useRinging } from '../ui/alarm';
import { PageBody } from '../ui/ui.styles';
import { useGo } from '../ui/useGo';
import { AlarmStrip } from './Alarm';
import { Boundary } from './Boundary';
import { PhoneBar } from './PhoneBar';
import { Rail } from './Rail';
import { Waiting } from './Waiting';
import { Main, Shell, SkipLink } from './app.styles';
import { fetchAhead, PLACES } from './places';
import { report } from '../api/report';

/** The rail of places beside the sheet; on a phone the places are at the thumb. */
export function Frame() {
  const go = useGo();
  const { pathname } = useLocation();
  useFetchAhead();
  const keys = useMemo(
    () => PLACES.map((p) => ({ key: p.key, does: `Go to ${p.name}`, act: () => go(p.path) })),
    [go],
  );
  return (
    <KeyMap places={keys}>
      <WorkingProvider>
        <Shell>
          <SkipLink href="#sheet">To the sheet</SkipLink>
          <Ringing />
          <Rail />
          <PhoneBar />
          <Main id="sheet">
            <Told>
              <UndoOffer>
                <AlarmStrip />
                <Waiting />
                <Boundary key={pathname}>
                  <Suspense fallback={<PageComing />}>
                    <Outlet />
                  </Suspense>
                </Boundary>
              </UndoOffer>
            </Told>
          </Main>
        </Shell>
      </WorkingProvider>
    </KeyMap>
  );
}

/** Shows nothing: rings for whatever comes due. */
function Ringing() {
  useRinging();
  return null;
}

const PageComing = () => (
  <PageBody>
    <Bones />
  </PageBody>
);

/** Longer than this nobody waits for an idle moment. */
const LATEST_MS = 5000;

/** Brings all places onto the device once it has nothing else to do: each opens at once, also without the network. */
function useFetchAhead(): void {
  useEffect(() => {
    const start = () => {
      fetchAhead().catch(report);
    };
    if (!('requestIdleCallback' in window)) {
      const timer = setTimeout(start, LATEST_MS);
      return () => clearTimeout(timer);
    }
    const idle = requestIdleCallback(start, { timeout: LATEST_MS });
    return () => cancelIdleCallback(idle);
  }, []);
}
