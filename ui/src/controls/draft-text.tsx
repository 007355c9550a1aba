import type { Draft } from '../server/use-draft';
import { errorAt } from '../server/use-measured';
import { TextField } from './text-field';
import { WhenField } from './when-field';

type TextName<F> = { [K in keyof F]-?: F[K] extends string ? K : never }[keyof F] & string;

interface Props<F> {
  draft: Draft<F>;
  field: TextName<F>;
  label: string;
  type?: 'text' | 'date';
  className?: string;
}

/** A text of something kept, edited in place. */
export function DraftText<F extends object>({ draft, field, type, ...look }: Props<F>) {
  const edited = {
    ...look,
    value: String(draft.form[field]),
    error: errorAt(draft.errors, field),
    onChange: (value: string) => draft.change((form) => ({ ...form, [field]: value })),
    onSettle: draft.settle,
  };
  return type === 'date' ? <WhenField {...edited} type="date" /> : <TextField {...edited} />;
}
