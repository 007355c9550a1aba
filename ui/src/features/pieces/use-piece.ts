import { useSuspenseQuery } from '@tanstack/react-query';
import { api, take } from '../../server/client';
import type { Piece, PieceView } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { useMeasured } from '../../server/use-measured';

export function usePieceView(id: number): PieceView {
  const { data } = useSuspenseQuery({
    queryKey: ['piece', id],
    queryFn: () => take(api.GET('/api/pieces/{id}', { params: { path: { id } } })),
  });
  return data;
}

/** A piece that is edited in place, measured while it is typed. */
export function usePiece(id: number) {
  const view = usePieceView(id);
  const draft = useDraft<Piece>({ edition: view.edition, form: view.piece }, (edition, form) =>
    take(api.PUT('/api/pieces/{id}', { params: { path: { id }, query: { edition } }, body: form })),
  );
  const { measured, wrongs, problem } = useMeasured('measured-piece', draft.form, view.measured, (form) =>
    take(api.POST('/api/pieces/measure', { body: form })),
  );
  return {
    draft,
    edition: view.edition,
    measured,
    wrongs: draft.wrongs.length > 0 ? [...wrongs, ...draft.wrongs] : wrongs,
    problem,
  };
}

export type PieceDraft = ReturnType<typeof usePiece>;
