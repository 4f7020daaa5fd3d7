import { useKeys } from '../../ui/keys';
import { useGo } from '../../ui/useGo';
import type { PotSheet } from './PotSheets';

/** The keys of a pot on the heat. */
export function usePotKeys(batchId: string, live: boolean, open: (sheet: PotSheet) => void): void {
  const go = useGo();
  useKeys(
    live
      ? [
          { key: 'w', does: 'Weigh', act: () => open('WEIGHING') },
          { key: 'd', does: 'Dip', act: () => open('DIP') },
          { key: 'p', does: 'Plate test', act: () => open('PLATE') },
          { key: 'h', does: 'Heat, lid and pot', act: () => open('heat') },
          { key: 't', does: 'How thick', act: () => open('target') },
          { key: 'a', does: 'Into the pot', act: () => open('add') },
          { key: 'b', does: 'Balance', act: () => go(`/balance?pot=${batchId}`) },
          { key: 'l', does: 'How it looks', act: () => open('look') },
          { key: 'f', does: 'Off the heat', act: () => open('finish') },
        ]
      : [],
  );
}
