import { Choice } from '../../controls/choice';
import { InlineNumber } from '../../controls/inline-number';
import type { InputError } from '../../server/client';
import type { Design, MeasuredPart, Part } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { area, plainIn, u } from '../../words/figures';
import { assembliesOf } from './assemblies';
import { PatternDrawing } from '../sheets/pattern-drawing';

type Layer = NonNullable<Part['layer']>;

interface Props {
  part: Part;
  design: Coverable;
  index: number;
  measured: MeasuredPart | undefined;
  errors: InputError[];
  onChange: (change: (part: Part) => Part) => void;
  onSettle: () => void;
}

const NOTHING = 'nothing';

type Coverable = Pick<Design, 'parts' | 'nonClay' | 'inserts' | 'assemblies'>;

/** What a layer of a design can lie over: the parts above it in the list, what is not clay, inserts, and whole assemblies. */
function coverable(design: Coverable, index: number): Covered[] {
  const named = (things: { name: string }[], kind: Covered['kind']) =>
    things.map(({ name }, over): Covered => ({ kind, over, name }));
  return [
    ...named(design.parts.slice(0, index), 'PART'),
    ...named(design.nonClay ?? [], 'NON_CLAY'),
    ...named(design.inserts ?? [], 'INSERT'),
    ...(index > 1 ? named(assembliesOf(design), 'ASSEMBLY') : []).map((all) => ({
      ...all,
      name: `all of ${all.name}`,
    })),
  ];
}

interface Covered {
  kind: NonNullable<Layer['kind']>;
  over: number;
  name: string;
}

const valueOf = ({ kind = 'PART', over }: Pick<Layer, 'kind' | 'over'>) => `${kind} ${over}`;

/** Chooses what a part is a layer over. */
export function LayerOver({ part, design, index, onChange }: Props) {
  const choices = coverable(design, index);
  if (choices.length === 0) return null;
  return (
    <label className="inline-flex items-center gap-1 text-note text-soft">
      a layer over
      <Choice
        label="A layer over"
        value={part.layer ? valueOf(part.layer) : NOTHING}
        options={[
          { value: NOTHING, label: 'nothing' },
          ...choices.map((covered) => ({ value: valueOf(covered), label: covered.name })),
        ]}
        onChange={(value) =>
          onChange((p) => {
            const { layer, core, around, ...alone } = p;
            const covered = choices.find((c) => valueOf(c) === value);
            if (!covered) return alone;
            const { kind, over } = covered;
            return { ...alone, layer: { sharePercent: 100, thickMm: 2, from: 'TOP', ...layer, kind, over } };
          })
        }
      />
    </label>
  );
}

/** How thick a layer is and how much of its part it covers; its sheet and its pattern follow. */
export function LayerFields({ part, design, index, measured, errors, onChange, onSettle }: Props) {
  const limits = useLimits();
  const layer = part.layer;
  if (!layer) return null;
  const path = `parts[${index}].layer`;
  const set = (change: Partial<Layer>) => onChange((p) => (p.layer ? { ...p, layer: { ...p.layer, ...change } } : p));
  const share = layer.sharePercent ?? 100;
  const wrong = errorAt(errors, `${path}.over`);
  return (
    <div className="flex flex-col gap-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <InlineNumber
          of={part.name}
          words="thick"
          value={layer.thickMm}
          span={spanOf(limits, 'layer', 'thickMm')}
          error={errorAt(errors, `${path}.thickMm`)}
          onChange={(thickMm) => set({ thickMm })}
          onSettle={onSettle}
        />
        <InlineNumber
          of={part.name}
          words="covers"
          value={share}
          span={spanOf(limits, 'layer', 'sharePercent')}
          error={errorAt(errors, `${path}.sharePercent`)}
          onChange={(sharePercent) => set({ sharePercent })}
          onSettle={onSettle}
        />
        {share < 100 && (
          <Choice
            label="Where the layer begins"
            value={layer.from ?? 'TOP'}
            options={choicesOf(limits, 'layerFrom')}
            onChange={(from) => set({ from: from as NonNullable<Layer['from']> })}
          />
        )}
      </div>
      {wrong && (
        <p role="alert" className="text-note text-madder">
          {wrong.message}
        </p>
      )}
      <p className="text-note text-soft">
        Its shape, count and place follow {coverable(design, index).find((c) => valueOf(c) === valueOf(layer))?.name}.
        {share < 100 && ' The drawing covers the same share of its height; the grams are worked out from its surface.'}
      </p>
      {measured?.layer && (
        <>
          <p>
            Roll a sheet of <b className="figure">{area(measured.layer.sheetMm2)}</b>, {plainIn('mm', layer.thickMm)}{' '}
            {u.mm} thick, plus what you trim off.
          </p>
          <PatternDrawing pieces={measured.layer.pieces} />
        </>
      )}
    </div>
  );
}
