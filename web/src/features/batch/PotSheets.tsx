import type { BatchView, KitchenView } from '../../api/client';
import { AddSheet } from './AddSheet';
import { FinishSheet } from './FinishSheet';
import { HeatSheet } from './HeatSheet';
import { ReadingSheet } from './ReadingSheet';
import { StageNoteSheet } from './StageNoteSheet';
import { TargetSheet } from './TargetSheet';
import { stageNow } from './looks';
import { READINGS, type ReadingKind } from './readings';

/** What can be written about a pot. */
export type PotSheet = ReadingKind | 'heat' | 'add' | 'target' | 'finish' | 'look';

const isReading = (sheet: PotSheet): sheet is ReadingKind => sheet in READINGS;

interface Props {
  sheet: PotSheet;
  batch: BatchView;
  kitchen: KitchenView;
  now: number;
  onClose: () => void;
}

/** The sheet that is open over a pot. */
export function PotSheets({ sheet, now, ...of }: Props) {
  if (isReading(sheet)) return <ReadingSheet kind={sheet} {...of} />;
  switch (sheet) {
    case 'heat':
      return <HeatSheet {...of} />;
    case 'target':
      return <TargetSheet {...of} />;
    case 'add':
      return <AddSheet {...of} />;
    case 'look':
      return <StageNoteSheet {...of} stage={stageNow(of.batch, now)} />;
    case 'finish':
      return <FinishSheet {...of} />;
  }
}
