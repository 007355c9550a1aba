import { Choice } from '../../controls/choice';
import { InlineNumber } from '../../controls/inline-number';
import type { InputError } from '../../server/client';
import type { MeasuredPart, Part } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { mm, u } from '../../words/figures';

interface Props {
  of: Pick<Part, 'name' | 'count' | 'placement'>;
  path: string;
  /** What it sits on, which says how high it is. */
  sits?: Part['sits'];
  measured: Pick<MeasuredPart, 'box' | 'apartMm'> | undefined;
  errors: InputError[];
  onChange: (change: Partial<Part['placement']>) => void;
  onSettle: () => void;
}

const placeFields = [
  { field: 'acrossMm', words: 'across' },
  { field: 'upMm', words: 'up' },
  { field: 'frontMm', words: 'front' },
  { field: 'tiltDeg', words: 'tilt' },
] as const;

/** Where something stands in a design, and how its copies are arranged. */
export function PlaceFields({ of, path, sits, measured, errors, onChange, onSettle }: Props) {
  const limits = useLimits();
  const { name, count, placement } = of;
  const box = measured?.box;
  const spacing = placement.spacingMm ?? 0;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      {placeFields
        .filter(({ field }) => !(sits && field === 'upMm'))
        .map(({ field, words }) => (
          <InlineNumber
            key={field}
            of={name}
            words={words}
            value={placement[field]}
            span={spanOf(limits, 'placement', field)}
            error={errorAt(errors, `${path}.${field}`)}
            onChange={(value) => onChange({ [field]: value })}
            onSettle={onSettle}
          />
        ))}
      <Choice
        label="Top faces"
        value={placement.facing ?? 'UP'}
        options={choicesOf(limits, 'facing')}
        onChange={(facing) => onChange({ facing: facing as NonNullable<Part['placement']['facing']> })}
        className="text-note"
      />
      {count > 1 && (
        <Choice
          label="Arrangement of the copies"
          value={placement.arrangement}
          options={choicesOf(limits, 'arrangement')}
          onChange={(arrangement) =>
            onChange({
              arrangement: arrangement as Part['placement']['arrangement'],
              spacingMm: spacing > 0 ? spacing : Math.ceil(Math.max(box?.widthMm ?? 10, box?.heightMm ?? 10)),
            })
          }
          className="text-note"
        />
      )}
      {count > 1 && ['ROW', 'COLUMN', 'DOME'].includes(placement.arrangement) && (
        <InlineNumber
          of={name}
          words={placement.arrangement === 'DOME' ? 'diameter of the dome' : 'spacing'}
          value={spacing}
          span={spanOf(limits, 'placement', 'spacingMm')}
          error={errorAt(errors, `${path}.spacingMm`)}
          onChange={(spacingMm) => onChange({ spacingMm })}
          onSettle={onSettle}
        />
      )}
      {measured && measured.apartMm > 0 && (
        <span className="text-note text-soft">
          about {mm(measured.apartMm)} {u.mm} apart
        </span>
      )}
    </div>
  );
}
