import { useQueryClient, useSuspenseQuery } from '@tanstack/react-query';
import { api, take } from '../../server/client';
import { reads } from '../../server/reads';
import type { Design, DesignView } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { measureOptions, keyOf, useMeasured } from '../../server/use-measured';

export function useDesignView(id: number): DesignView {
  const { data } = useSuspenseQuery(reads.design(id));
  return data;
}

const measure = (form: Design) => take(api.POST('/api/designs/measure', { body: form }));

const MEASURED = 'measured-design';

/** A design that is edited in place, measured while it is typed. */
export function useDesign(id: number) {
  const view = useDesignView(id);
  const draft = useDraft<Design>(`/api/designs/${id}`, view.design.name, {
    edition: view.edition,
    form: view.design,
  });
  const saved = { form: view.design, measured: view.measured };
  const { measured, measuredForm, errors, problem } = useMeasured(MEASURED, draft.form, saved, measure);
  const client = useQueryClient();
  // The question goes out before the page is redrawn, not after: the server works in the meantime.
  const change = (how: (design: Design) => Design) => {
    const next = draft.change(how);
    const ask = {
      queryKey: [MEASURED, keyOf(next)],
      queryFn: () => measure(next),
      ...measureOptions,
    };
    client.query(ask).catch(() => undefined);
    return next;
  };
  return {
    id,
    draft: { ...draft, change },
    edition: view.edition,
    measured,
    /** The design as it was when it was measured: what is drawn of it is drawn of this. */
    measuredForm,
    errors: draft.errors.length > 0 ? [...errors, ...draft.errors] : errors,
    problem,
  };
}

export type DesignDraft = ReturnType<typeof useDesign>;
