import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { FieldValues } from 'react-hook-form';
import { newId } from '../../api/client';
import { useSheet } from '../../ui/useSheet';

interface Edit<T> {
  /** What is changed; absent where it is new. */
  of: { id: string } | undefined;
  /** What kind of thing it is. */
  kind: string;
  start: T;
  onSaved: () => void;
}

/** Something of the kitchen while it is written down. */
export function useEdit<T extends FieldValues>({ of, kind, start, onSaved }: Edit<T>) {
  const queries = useQueryClient();
  const [fresh] = useState(newId);
  const sheet = useSheet(start, `${kind} ${of?.id ?? 'new'}`);
  const save = async (write: () => Promise<unknown>) => {
    const isSaved = await sheet.attempt(async () => {
      await write();
      await Promise.all([
        queries.invalidateQueries({ queryKey: ['kitchen'] }),
        queries.invalidateQueries({ queryKey: ['rule-sets'] }),
      ]);
    });
    if (isSaved) onSaved();
  };
  return { ...sheet, id: of?.id ?? fresh, save };
}

/** How something is put out of use: as it was last seen, or not at all. */
export const retired = (of: { id: string; version: number }) => ({
  params: {
    path: { id: of.id },
    query: { retired: true },
    header: { 'If-Match': of.version },
  },
});

/** What is changed must still be as it was seen. */
export const asSeen = ({ version }: { version: number }) => ({
  params: { header: { 'If-Match': version } },
});
