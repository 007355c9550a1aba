import { useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { api, take } from '../../server/client';
import type { Piece, PieceView } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { asking, keyOf, useMeasured } from '../../server/use-measured';

export function usePieceView(id: number): PieceView {
  const { data } = useSuspenseQuery({
    queryKey: ['piece', id],
    queryFn: () => take(api.GET('/api/pieces/{id}', { params: { path: { id } } })),
  });
  return data;
}

const measure = (form: Piece) => take(api.POST('/api/pieces/measure', { body: form }));

const MEASURED = 'measured-piece';

/** A piece that is edited in place, measured while it is typed. */
export function usePiece(id: number) {
  const view = usePieceView(id);
  const draft = useDraft<Piece>(`/api/pieces/${id}`, view.piece.name, {
    edition: view.edition,
    form: view.piece,
  });
  const saved = { form: view.piece, measured: view.measured };
  const { measured, measuredForm, wrongs, problem } = useMeasured(MEASURED, draft.form, saved, measure);
  const client = useQueryClient();
  // The question goes out before the page is redrawn, not after: the server works meanwhile.
  const change = (how: (piece: Piece) => Piece) => {
    const next = draft.change(how);
    const ask = {
      queryKey: [MEASURED, keyOf(next)],
      queryFn: () => measure(next),
      ...asking,
    };
    client.query(ask).catch(() => undefined);
    return next;
  };
  return {
    draft: { ...draft, change },
    edition: view.edition,
    measured,
    /** The piece as it was when it was measured: what is drawn of it is drawn of this. */
    measuredForm,
    wrongs: draft.wrongs.length > 0 ? [...wrongs, ...draft.wrongs] : wrongs,
    problem,
  };
}

export type PieceDraft = ReturnType<typeof usePiece>;
