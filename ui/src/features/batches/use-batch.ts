import { useMutation, useSuspenseQuery } from '@tanstack/react-query';
import { api, take, type Edition } from '../../server/client';
import { reads } from '../../server/reads';
import { settled } from '../../server/unsaved';
import type { Batch, BatchView } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { useMeasured } from '../../server/use-measured';

const EVERY_MS = 60_000;

export function useBatchView(id: number): BatchView {
  const { data } = useSuspenseQuery({
    ...reads.batch(id),
    refetchInterval: EVERY_MS,
  });
  return data;
}

/** A batch that is edited in place, planned while it is typed. */
export function useBatch(id: number) {
  const view = useBatchView(id);
  const draft = useDraft<Batch>(`/api/batches/${id}`, view.batch.name, { edition: view.edition, form: view.batch });
  const { measured, errors, problem } = useMeasured(
    'planned-batch',
    draft.form,
    { form: view.batch, measured: view.plan },
    (form) => take(api.POST('/api/batches/plan', { params: { query: { id } }, body: form })),
  );
  return { draft, edition: view.edition, plan: measured, errors: [...errors, ...draft.errors], problem };
}

export type BatchDraft = ReturnType<typeof useBatch>;

/** Adding and removing batches, and ticking checks; each can be undone. */
export function useBatchActs() {
  return {
    add: useMutation({ mutationFn: (body: Batch) => take(api.POST('/api/batches', { body })) }),
    remove: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/batches/${id}`, edition);
        return take(api.DELETE('/api/batches/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
    tick: useMutation({
      mutationFn: ({ id, ...body }: { id: number; designId: number; check: number; ticked: boolean }) =>
        take(api.POST('/api/batches/{id}/checks', { params: { path: { id } }, body })),
    }),
  };
}
