import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { Swatch } from '../../controls/swatch';
import { TextField } from '../../controls/text-field';
import type { Wrong } from '../../server/client';
import type { MeasuredPart, MixView, Part } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { useMixes } from '../../server/use-studio';
import { grams, mm } from '../../words/figures';
import { SizeFields } from './size-fields';

interface Props {
  parts: Part[];
  measured: MeasuredPart[];
  wrongs: Wrong[];
  chosen: number;
  onChoose: (index: number) => void;
  onChange: (index: number, change: (part: Part) => Part) => void;
  onAdd: () => void;
  onSettle: () => void;
}

/** The parts of a piece, edited in place: how many, how large, of which mix; and what to portion for each. */
export function PartsLedger(props: Props) {
  const mixes = useMixes();
  return (
    <div className="relative min-h-0 overflow-y-auto rounded-card border border-line bg-paper">
      <table className="w-full">
        <thead className="sticky top-0 z-10 bg-paper text-left text-note whitespace-nowrap text-soft">
          <tr>
            <th className="py-2 pl-3 font-semibold">Part</th>
            <th className="px-1 text-right font-semibold">Each</th>
            <th className="px-1 font-semibold">Size, mm</th>
            <th className="px-1 font-semibold">Mix</th>
            <th className="px-1 text-right font-semibold">Clay, g</th>
            <th className="pr-3 pl-1 text-right font-semibold">Ball, mm</th>
          </tr>
        </thead>
        <tbody>
          {props.parts.map((part, index) => (
            <PartRow key={index} {...props} part={part} index={index} mixes={mixes} />
          ))}
        </tbody>
      </table>
      <div className="border-t border-line p-1">
        <Button kind="quiet" onClick={props.onAdd}>
          Add a part
        </Button>
      </div>
    </div>
  );
}

interface RowProps extends Props {
  part: Part;
  index: number;
  mixes: MixView[];
}

function PartRow({ part, index, mixes, measured, wrongs, chosen, onChoose, onChange, onSettle }: RowProps) {
  const limits = useLimits();
  const at = `parts[${index}]`;
  const sums = measured[index];
  const kind = limits.shapes.find((shape) => shape.kind === part.shape.kind);
  return (
    <tr
      onClick={() => onChoose(index)}
      onFocus={() => onChoose(index)}
      className={`border-t border-line ${chosen === index ? 'bg-verdigris-tint/70' : ''}`}
    >
      <td className="py-1 pl-3">
        <TextField
          label="Name of the part"
          value={part.name}
          wrong={wrongAt(wrongs, `${at}.name`)}
          onChange={(name) => onChange(index, (p) => ({ ...p, name }))}
          onSettle={onSettle}
          className="w-24 border-transparent font-semibold"
        />
        <div className="pl-0.5 text-note text-soft">
          {kind?.label}
          {part.core ? ', cored' : ''}
        </div>
      </td>
      <td className="px-1 text-right">
        <NumberField
          label={`${part.name}, count`}
          value={part.count}
          span={spanOf(limits, 'part', 'count')}
          chars={2}
          wrong={wrongAt(wrongs, `${at}.count`)}
          onChange={(count) => onChange(index, (p) => ({ ...p, count }))}
          onSettle={onSettle}
        />
      </td>
      <td className="px-1 whitespace-nowrap">
        <SizeFields
          part={part}
          wrongs={wrongs}
          path={`${at}.shape.dimensions`}
          onChange={(dimensions) => onChange(index, (p) => ({ ...p, shape: { ...p.shape, dimensions } }))}
          onSettle={onSettle}
        />
      </td>
      <td className="px-1">
        <Choice
          label={`${part.name}, mix`}
          value={String(part.mixId)}
          options={mixes.map((m) => ({
            value: String(m.id),
            label: m.mix.name,
            mark: <Swatch raw={m.measured.rawHex} cured={m.measured.curedHex} />,
          }))}
          onChange={(mixId) => onChange(index, (p) => ({ ...p, mixId: Number(mixId) }))}
          className="max-w-30 border-transparent"
        />
      </td>
      <td className="px-1 text-right figure text-figure whitespace-nowrap">{sums && grams(sums.massG)}</td>
      <td className="pr-3 pl-1 text-right figure text-figure whitespace-nowrap">{sums && mm(sums.ballMm)}</td>
    </tr>
  );
}
