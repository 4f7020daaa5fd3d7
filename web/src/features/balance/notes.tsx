import type { ReactNode } from 'react';
import type { BalanceView, TasteView, Working } from '../../api/client';
import { ShowWorking } from '../../ui/ShowWorking';
import { Span } from '../../ui/text';
import { show } from '../../quantities';

/** What stands below the name of each bead, and how it is worked out. */
export function beadNotes(b: BalanceView): Partial<Record<TasteView['taste'], ReactNode>> {
  const how = (figure: string, title: string, words: string) => (
    <How working={b.workings.find((w) => w.figure === figure)} title={title} words={words} />
  );
  const { now, after } = b;
  const guess = after.pHHolds ? '' : ', a guess';
  const acid = `titratable ${show.fixed(after.acidFraction * 100, 2)} %`;
  return {
    SALT: how('salt', 'Salt', 'of the sauce as it is eaten'),
    ACID: how(
      'acid',
      'Acid',
      `pH ${show.fixed(now.pH, 2)} → ${show.fixed(after.pH, 2)}${guess}; ${acid}`,
    ),
    SWEET: how(
      'sharpness',
      'Sharpness',
      `sugars; ${show.fixed(after.sugarToAcid, 1)} to one of acid`,
    ),
    SAVOURY: how('savoury', 'Savoury', 'savouriness, g/100 g'),
    FAT: how('shares', 'Fat', 'of the sauce as it is eaten'),
  };
}

interface HowProps {
  working: Working | undefined;
  title: string;
  words: string;
}
function How({ working, title, words }: HowProps) {
  return (
    <Span>
      {words} {working && <ShowWorking working={working} title={title} words="how" />}
    </Span>
  );
}
