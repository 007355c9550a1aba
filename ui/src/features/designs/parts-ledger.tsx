import { memo } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { Swatch } from '../../controls/swatch';
import { TextField } from '../../controls/text-field';
import { useStable } from '../../controls/use-stable';
import type { InputError } from '../../server/client';
import type { Design, MeasuredPart, MixView, Part } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMixes } from '../../server/use-studio';
import { grams, mm, u } from '../../words/figures';
import { CopyParts } from './copy-parts';
import { useMixActs } from '../mixes/use-mix';
import { SizeFields } from './size-fields';

interface Props {
  parts: Part[];
  measured: MeasuredPart[];
  errors: InputError[];
  chosen: number;
  onChoose: (index: number) => void;
  /** Chooses a part and goes on to the rest of it. */
  onMore: (index: number) => void;
  onChange: (index: number, change: (part: Part) => Part) => void;
  onAdd: () => void;
  /** Adds the parts of another design. */
  onCopy: (from: Design) => void;
  onSettle: () => void;
}

/** The parts of a design, edited in place: how many, how large, of which mix; and what to portion for each. */
export function PartsLedger(props: Props) {
  const mixes = useMixes();
  const onChoose = useStable(props.onChoose);
  const onMore = useStable(props.onMore);
  const onChange = useStable(props.onChange);
  const onSettle = useStable(props.onSettle);
  const onNewMix = useStable(useNewMix());
  return (
    <div className="relative min-h-0 keeps-bar overflow-y-auto rounded-card border border-line bg-paper">
      <table role="table" className="block">
        <thead
          role="rowgroup"
          className="sticky top-0 z-10 block bg-paper text-left text-note whitespace-nowrap text-soft"
        >
          <tr role="row" className={columns}>
            <th role="columnheader" className="py-2 pl-3 font-semibold">
              Part
            </th>
            <th role="columnheader" className="px-1 py-2 text-right font-semibold">
              Count
            </th>
            <th role="columnheader" className="px-1 py-2 font-semibold max-sm:hidden">
              Size, {u.mm}
            </th>
            <th role="columnheader" className="px-1 py-2 font-semibold max-sm:hidden">
              Mix
            </th>
            <th role="columnheader" className="px-1 py-2 text-right font-semibold">
              Clay, {u.g}
            </th>
            <th role="columnheader" className="py-2 pr-3 pl-1 text-right font-semibold">
              Ball, {u.mm}
            </th>
          </tr>
        </thead>
        <tbody role="rowgroup" className="block">
          {props.parts.map((part, index) => (
            <PartRow
              key={index}
              part={part}
              index={index}
              sums={props.measured[index]}
              errors={errorsIn(props.errors, `parts[${index}].`)}
              chosen={props.chosen === index}
              mixes={mixes}
              onChoose={onChoose}
              onMore={onMore}
              onChange={onChange}
              onSettle={onSettle}
              onNewMix={onNewMix}
            />
          ))}
        </tbody>
      </table>
      <div className="flex flex-wrap border-t border-line p-1">
        <Button adds kind="quiet" onClick={props.onAdd}>
          Add a part
        </Button>
        <CopyParts onCopy={props.onCopy} />
      </div>
    </div>
  );
}

interface RowProps {
  part: Part;
  index: number;
  sums: MeasuredPart | undefined;
  errors: InputError[];
  chosen: boolean;
  mixes: MixView[];
  onChoose: (index: number) => void;
  onMore: (index: number) => void;
  onChange: (index: number, change: (part: Part) => Part) => void;
  onSettle: () => void;
  /** Begins a mix where one was missed, and gives its number. */
  onNewMix: (part: Part) => Promise<number>;
}

/** The columns of the ledger. Rows out of sight are not laid out: a design can have two hundred. */
const columns =
  'grid grid-cols-[6.6rem_2.6rem_minmax(0,1fr)_8.1rem_3.9rem_4.4rem] max-sm:grid-cols-[minmax(0,1fr)_2.6rem_3.9rem_4.4rem]';

const none: InputError[] = [];

/** Letters of a name that leave room for " mix". */
const MOST_NAME = 56;

/** The choice of a mix that is not there yet. */
const MISSED = 'missed';

/** Begins a mix for a part: of what the part is made of now, so that only its parts are to be changed. */
function useNewMix() {
  const { add } = useMixActs();
  const mixes = useMixes();
  return async (part: Part) => {
    const now = mixes.find((m) => m.id === part.mixId)?.mix;
    const parts = now?.worked ? [{ mixId: part.mixId, parts: 1 }] : (now?.parts ?? []);
    const { id } = await add.mutateAsync({ name: `${part.name.slice(0, MOST_NAME)} mix`, parts });
    return id;
  };
}

/** The wrongs of one row; always the same list when there are none. */
function errorsIn(errors: InputError[], path: string): InputError[] {
  const own = errors.filter((error) => error.field.startsWith(path));
  return own.length > 0 ? own : none;
}

/** A row, redrawn only when its own part, sums or mixes change. */
const PartRow = memo(function PartRow(props: RowProps) {
  const { part, index, sums, errors, chosen, mixes, onChoose, onMore, onChange, onSettle, onNewMix } = props;
  const limits = useLimits();
  const at = `parts[${index}]`;
  const kind = limits.shapes.find((known) => known.kind === part.shape.kind);
  const shape = part.layer ? 'layer' : `${kind?.label ?? ''}${part.core ? ', with core' : ''}`;
  return (
    <tr
      role="row"
      onClick={() => onChoose(index)}
      className={`${columns} row-lazy items-center border-t border-line ${chosen ? 'bg-verdigris-tint/70' : ''}`}
    >
      <td role="cell" className="py-1 pl-3">
        <TextField
          label="Name of the part"
          value={part.name}
          error={errorAt(errors, `${at}.name`)}
          onChange={(name) => onChange(index, (p) => ({ ...p, name }))}
          onSettle={onSettle}
          className="w-24 border-transparent font-semibold"
        />
        <button
          type="button"
          aria-label={`${shape}, more about ${part.name}`}
          aria-pressed={chosen}
          onClick={() => onMore(index)}
          className="block min-h-6 min-w-6 pl-0.5 text-left text-note text-soft underline decoration-line decoration-dotted underline-offset-2 hover:text-ink"
        >
          {shape}
        </button>
      </td>
      <td role="cell" className="px-1 text-right">
        {part.layer ? (
          <span className="figure text-figure">{sums?.spots.length ?? part.count}</span>
        ) : (
          <NumberField
            label={`${part.name}, count`}
            value={part.count}
            span={spanOf(limits, 'part', 'count')}
            chars={2}
            error={errorAt(errors, `${at}.count`)}
            onChange={(count) => onChange(index, (p) => ({ ...p, count }))}
            onSettle={onSettle}
          />
        )}
      </td>
      <td role="cell" className="px-1 max-sm:col-span-4 max-sm:row-start-2 max-sm:pl-3">
        {part.layer ? (
          <span className="inline-flex items-baseline gap-1">
            <NumberField
              label={`${part.name}, thickness of the layer`}
              value={part.layer.thickMm}
              span={spanOf(limits, 'layer', 'thickMm')}
              error={errorAt(errors, `${at}.layer.thickMm`)}
              onChange={(thickMm) => onChange(index, (p) => (p.layer ? { ...p, layer: { ...p.layer, thickMm } } : p))}
              onSettle={onSettle}
            />
            <span className="text-soft">thick</span>
          </span>
        ) : (
          <SizeFields
            part={part}
            errors={errors}
            path={`${at}.shape.dimensions`}
            onChange={(dimensions) => onChange(index, (p) => ({ ...p, shape: { ...p.shape, dimensions } }))}
            onSettle={onSettle}
          />
        )}
      </td>
      <td role="cell" className="px-1 max-sm:col-span-4 max-sm:row-start-3 max-sm:pl-3">
        <Choice
          label={`${part.name}, mix`}
          value={String(part.mixId)}
          options={[
            ...mixes
              .filter((m) => !m.mix.retired || m.id === part.mixId)
              .map((m) => ({
                value: String(m.id),
                label: m.mix.name,
                mark: <Swatch raw={m.measured.rawHex} cured={m.measured.curedHex} />,
              })),
            { value: MISSED, label: `a new mix for ${part.name}` },
          ]}
          onChange={(mixId) => {
            if (mixId === MISSED) void onNewMix(part).then((id) => onChange(index, (p) => ({ ...p, mixId: id })));
            else onChange(index, (p) => ({ ...p, mixId: Number(mixId) }));
          }}
          className="max-w-32 border-transparent"
        />
      </td>
      <td role="cell" className="px-1 text-right figure text-figure whitespace-nowrap">
        {sums && grams(sums.massG)}
      </td>
      <td role="cell" className="pr-3 pl-2 text-right figure text-figure whitespace-nowrap">
        {sums && mm(sums.ballMm)}
      </td>
    </tr>
  );
});
