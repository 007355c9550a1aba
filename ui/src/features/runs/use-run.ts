import { useMutation, useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { api, take, type Edition } from '../../server/client';
import { settled } from '../../server/unsaved';
import type { Run, RunView } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { useMeasured } from '../../server/use-measured';

const EVERY_MS = 60_000;

export function useRunView(id: number): RunView {
  const { data } = useSuspenseQuery({
    queryKey: ['run', id],
    queryFn: () => take(api.GET('/api/runs/{id}', { params: { path: { id } } })),
    refetchInterval: EVERY_MS,
  });
  return data;
}

/** A run that is edited in place, planned while it is typed. */
export function useRun(id: number) {
  const view = useRunView(id);
  const draft = useDraft<Run>(`/api/runs/${id}`, view.run.name, { edition: view.edition, form: view.run });
  const { measured, wrongs, problem } = useMeasured(
    'planned-run',
    draft.form,
    { form: view.run, measured: view.plan },
    (form) => take(api.POST('/api/runs/plan', { params: { query: { id } }, body: form })),
  );
  return { draft, edition: view.edition, plan: measured, wrongs: [...wrongs, ...draft.wrongs], problem };
}

export type RunDraft = ReturnType<typeof useRun>;

/** Adding and removing runs, and ticking gates; each can be undone. */
export function useRunActs() {
  const client = useQueryClient();
  const refresh = () => client.invalidateQueries();
  return {
    add: useMutation({ mutationFn: (body: Run) => take(api.POST('/api/runs', { body })), onSuccess: refresh }),
    remove: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/runs/${id}`, edition);
        return take(api.DELETE('/api/runs/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
      onSuccess: refresh,
    }),
    tick: useMutation({
      mutationFn: ({ id, ...body }: { id: number; pieceId: number; line: number; ticked: boolean }) =>
        take(api.POST('/api/runs/{id}/gate', { params: { path: { id } }, body })),
      onSuccess: refresh,
    }),
  };
}
