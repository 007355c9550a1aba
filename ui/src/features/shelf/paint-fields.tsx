import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { ColourField } from '../../controls/colour-field';
import { NumberField } from '../../controls/number-field';
import { Swatch } from '../../controls/swatch';
import type { Supply } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useShelf } from '../../server/use-studio';

const GREY = '#888888';

interface Props {
  row: Draft<Supply>;
  id: number;
}

/** The colour of a paint and how well it hides; or the paints it is mixed of, with water. */
export function PaintFields({ row, id }: Props) {
  const limits = useLimits();
  const shelf = useShelf();
  const { form, change, settle, errors } = row;
  const parts = form.parts ?? [];
  const plain = shelf.supplies.filter(
    ({ id: other, supply }) =>
      other !== id && limits.inCoats.includes(supply.kind) && (supply.parts ?? []).length === 0,
  );
  const unused = plain.find((p) => !parts.some((part) => part.supplyId === p.id));
  const colour = shelf.supplies.find((s) => s.id === id)?.hex;
  return (
    <div className="flex flex-wrap items-center gap-x-4 text-note text-soft">
      {colour !== undefined && <Swatch raw={colour} cured={colour} size={20} />}
      {parts.length === 0 && form.colourHex === undefined && (
        <Button
          adds
          kind="quiet"
          className="px-1 font-normal"
          onClick={() => change((s) => ({ ...s, colourHex: GREY }))}
        >
          Give it a colour
        </Button>
      )}
      {parts.length === 0 && form.colourHex !== undefined && (
        <>
          <ColourField
            label={`${form.name}, colour`}
            value={form.colourHex}
            error={errorAt(errors, 'colourHex')}
            onChange={(colourHex) => change((s) => ({ ...s, colourHex }))}
            onSettle={settle}
          />
          <Choice
            label={`${form.name}, how it hides`}
            value={form.opacity ?? 'OPAQUE'}
            options={choicesOf(limits, 'opacity')}
            onChange={(opacity) => change((s) => ({ ...s, opacity: opacity as NonNullable<Supply['opacity']> }))}
            className="min-h-8 border-transparent"
          />
          <Button kind="quiet" className="px-1 font-normal" onClick={() => change(({ colourHex: _, ...rest }) => rest)}>
            no colour
          </Button>
        </>
      )}
      {parts.map((part, i) => (
        <span key={i} className="inline-flex items-baseline gap-1">
          <NumberField
            label={`${form.name}, parts of paint ${i + 1}`}
            value={part.parts}
            span={spanOf(limits, 'paintPart', 'parts')}
            error={errorAt(errors, `parts[${i}].parts`)}
            onChange={(value) => change((s) => ({ ...s, parts: parts.with(i, { ...part, parts: value }) }))}
            onSettle={settle}
          />
          <Choice
            label={`${form.name}, paint ${i + 1}`}
            value={String(part.supplyId)}
            options={plain.map((p) => ({ value: String(p.id), label: p.supply.name }))}
            onChange={(supplyId) =>
              change((s) => ({ ...s, parts: parts.with(i, { ...part, supplyId: Number(supplyId) }) }))
            }
            className="min-h-8 border-transparent"
          />
          <Button
            kind="quiet"
            className="px-2"
            aria-label={`Take paint ${i + 1} out of ${form.name}`}
            onClick={() => change((s) => ({ ...s, parts: parts.filter((_, j) => j !== i) }))}
          >
            ✕
          </Button>
        </span>
      ))}
      {parts.length > 0 && (
        <span>
          <NumberField
            label={`${form.name}, ${spanOf(limits, 'supply', 'water').label}`}
            value={form.water ?? 0}
            span={spanOf(limits, 'supply', 'water')}
            error={errorAt(errors, 'water')}
            onChange={(water) => change((s) => ({ ...s, water }))}
            onSettle={settle}
          />{' '}
          parts of water
        </span>
      )}
      {unused && (
        <Button
          adds
          kind="quiet"
          className="px-1 font-normal"
          aria-label={`${parts.length === 0 ? 'Mix it of other paints' : 'Add a paint'}: ${form.name}`}
          onClick={() =>
            change(({ colourHex: _, ...s }) => ({ ...s, parts: [...parts, { supplyId: unused.id, parts: 1 }] }))
          }
        >
          {parts.length === 0 ? 'Mix it of other paints' : 'Add a paint'}
        </Button>
      )}
      {errors
        .filter((error) => error.field.startsWith('parts'))
        .map((error) => (
          <span key={error.field} className="text-madder">
            {error.message}
          </span>
        ))}
    </div>
  );
}
