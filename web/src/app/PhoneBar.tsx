import { Drawer, useMediaQuery } from '@mui/material';
import { useTheme } from '@mui/material/styles';
import { useState } from 'react';
import { Column } from '../ui/layout';
import { useShowKeys } from '../ui/keys';
import { AlarmSwitch } from './Alarm';
import { Facts } from './Facts';
import { MoreButton, MoreLink, PhoneNav, ThumbLink } from './app.styles';
import { PLACES } from './places';

const AT_HAND = PLACES.filter((p) => p.isAtHand);
const MORE = PLACES.filter((p) => !p.isAtHand);

/** On a phone four places are at the thumb, and More brings all the rest. */
export function PhoneBar() {
  const [open, setOpen] = useState(false);
  const phone = useMediaQuery(useTheme().breakpoints.down('md'));
  const close = () => setOpen(false);
  if (!phone) return null;
  return (
    <>
      <PhoneNav aria-label="Places">
        {AT_HAND.map((p) => (
          <ThumbLink key={p.path} to={p.path}>
            {p.name}
          </ThumbLink>
        ))}
        <MoreButton aria-expanded={open} onClick={() => setOpen(true)}>
          More
        </MoreButton>
      </PhoneNav>
      <Drawer
        anchor="bottom"
        open={open}
        onClose={close}
        slotProps={{ paper: { role: 'dialog', 'aria-label': 'More' } }}
      >
        <More onLeave={close} />
      </Drawer>
    </>
  );
}

function More({ onLeave }: { onLeave: () => void }) {
  const showKeys = useShowKeys();
  return (
    <Column gap={1} sx={{ p: 2 }}>
      <nav aria-label="More places">
        {MORE.map((p) => (
          <MoreLink key={p.path} to={p.path} onClick={onLeave}>
            {p.name}
          </MoreLink>
        ))}
      </nav>
      <AlarmSwitch />
      <Facts />
      <MoreButton
        onClick={() => {
          onLeave();
          showKeys();
        }}
      >
        Keys
      </MoreButton>
      <MoreButton onClick={onLeave}>Close</MoreButton>
    </Column>
  );
}
