import { ButtonBase } from '@mui/material';
import type { Working } from '../api/client';
import { sizes } from '../theme/tokens';
import { useWorking } from './working';

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
    <ButtonBase
      onClick={() => open(working, title)}
      aria-label={`${title}. Show working`}
      sx={{
        color: 'text.secondary',
        fontSize: sizes.small,
        fontWeight: 600,
        textDecoration: 'underline dotted',
        textUnderlineOffset: 3,
        minHeight: 24,
        fontFamily: 'inherit',
        whiteSpace: 'nowrap',
      }}
    >
      {words}
    </ButtonBase>
  );
}
