import type { Working } from '../api/client';
import { useWorking } from './working';
import { WorkingButton } from './ui.styles';

/** Opens the working of several figures that came about in the same way. */
export function ShowWorking({
  working,
  title,
  words = 'how it is worked out',
}: {
  working: Working;
  title: string;
  words?: string;
}) {
  const open = useWorking();
  return (
    <WorkingButton onClick={() => open(working, title)} aria-label={`${title}. Show working`}>
      {words}
    </WorkingButton>
  );
}
