import { useQuery, useQueryClient } from '@tanstack/react-query';
import { client, type StageNote } from './client';
import { answered, done } from './problem';

/** How stages looked when they were done: of this batch, and of those of its formula before it. */
export function useStageNotes(batchId: string) {
  return useQuery({
    queryKey: ['stage-notes', batchId],
    queryFn: () => answered(client.GET('/api/stage-notes', { params: { query: { batchId } } })),
  });
}

export const photoOf = (note: StageNote): string => `/api/stage-notes/${note.id}/photo`;

/** Notes how a stage looked, and takes a note back. */
export function useNoting(batchId: string) {
  const queries = useQueryClient();
  const heard = () => queries.invalidateQueries({ queryKey: ['stage-notes', batchId] });
  return {
    note: async (id: string, stage: string, note: string, photoBase64: string | undefined) => {
      const typedAt = new Date().toISOString();
      await answered(
        client.POST('/api/stage-notes', {
          body: {
            id,
            batchId,
            stage,
            note,
            ...(photoBase64 ? { photoBase64 } : {}),
            stamp: { typedAt, sentAt: typedAt },
          },
        }),
      );
      await heard();
    },
    takeBack: async (id: string) => {
      await done(client.DELETE('/api/stage-notes/{id}', { params: { path: { id } } }));
      await heard();
    },
  };
}
