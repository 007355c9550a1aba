import { Fragment } from 'react';
import { NumberField } from '../../controls/number-field';
import type { InputError } from '../../server/client';
import type { Part, Span } from '../../server/types';
import { useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';

interface Props {
  part: Pick<Part, 'name' | 'shape'>;
  errors: InputError[];
  path: string;
  onChange: (dimensions: Part['shape']['dimensions']) => void;
  onSettle: () => void;
}

const round = ['diameterMm', 'bottomMm', 'aroundMm', 'outerMm', 'tubeMm', 'cordMm', 'windingMm'];

/** What is written before a dimension. */
function before(span: Span, at: number): string {
  if (span.field === 'squareness') return 'square';
  if (span.unit === '') return span.label;
  if (span.field === 'widestAtMm') return 'widest at';
  if (span.field === 'pitchMm') return 'pitch';
  if (span.field === 'pressedMm') return 'pressed by';
  if (round.includes(span.field)) return 'Ø';
  return span.field === 'topMm' ? '→' : at > 0 ? '×' : '';
}

/** The dimensions of a part in the order they are read aloud: Ø30 → 20 × 54. */
export function SizeFields({ part, errors, path, onChange, onSettle }: Props) {
  const kind = useLimits().shapes.find((shape) => shape.kind === part.shape.kind);
  return (
    <span className="inline-flex flex-wrap items-baseline gap-1">
      {kind?.dimensions.map(({ span }, i) => (
        <Fragment key={span.field}>
          <span className="text-soft">{before(span, i)}</span>
          <NumberField
            label={`${part.name}, ${span.label}`}
            value={part.shape.dimensions[span.field] ?? 0}
            span={span}
            error={
              errorAt(errors, `${path}.${span.field}`) ??
              errorAt(errors, `${path.replace('.dimensions', '')}.${span.field}`)
            }
            onChange={(value) => onChange({ ...part.shape.dimensions, [span.field]: value })}
            onSettle={onSettle}
          />
        </Fragment>
      ))}
    </span>
  );
}
