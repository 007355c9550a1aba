import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { Switch } from '../../controls/switch';
import { ShowWorking } from '../../controls/workings-list';
import type { Wrong } from '../../server/client';
import type { MeasuredPart, Part, Piece } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { grams, mm } from '../../words/figures';
import { PartWorkings } from './part-workings';
import { reshaped } from './new-piece';

interface Props {
  part: Part;
  index: number;
  stages: Piece['stages'];
  measured: MeasuredPart | undefined;
  wrongs: Wrong[];
  onChange: (change: (part: Part) => Part) => void;
  onSettle: () => void;
  onRemove: () => void;
}

/** More of the chosen part: its shape, its core, where it stands, when it is first baked, and how its figures came. */
export function PartDetail({ part, index, stages, measured, wrongs, onChange, onSettle, onRemove }: Props) {
  const limits = useLimits();
  const place = (field: keyof Part['placement'] & ('acrossMm' | 'upMm' | 'frontMm' | 'tiltDeg'), label: string) => (
    <label className="inline-flex items-baseline gap-1 text-note text-soft">
      {label}
      <NumberField
        label={`${part.name}, ${label}`}
        value={part.placement[field]}
        span={spanOf(limits, 'placement', field)}
        chars={3}
        wrong={wrongAt(wrongs, `parts[${index}].placement.${field}`)}
        onChange={(value) => onChange((p) => ({ ...p, placement: { ...p.placement, [field]: value } }))}
        onSettle={onSettle}
      />
      {field === 'tiltDeg' ? '°' : ''}
    </label>
  );
  return (
    <div className="flex shrink-0 flex-col gap-1.5 rounded-card border border-line bg-paper px-4 py-2">
      <div className="flex flex-wrap items-center gap-x-4">
        <h2 className="text-figure">{part.name}</h2>
        <Choice
          label="Shape"
          value={part.shape.kind}
          options={limits.shapes.map((s) => ({ value: s.kind, label: s.label }))}
          onChange={(kind) => onChange((p) => reshaped(p, kind as Part['shape']['kind'], limits))}
        />
        {stages.length > 1 && (
          <label className="inline-flex items-center gap-1 text-note text-soft">
            first baked
            <Choice
              label="First baked in"
              value={String(part.stage)}
              options={stages.map((s, i) => ({ value: String(i), label: s.name }))}
              onChange={(stage) => onChange((p) => ({ ...p, stage: Number(stage) }))}
            />
          </label>
        )}
        <Button kind="quiet" className="ml-auto min-h-8 text-note" onClick={onRemove}>
          Take it out
        </Button>
      </div>
      <CoreFields
        part={part}
        index={index}
        measured={measured}
        wrongs={wrongs}
        onChange={onChange}
        onSettle={onSettle}
      />
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        {place('acrossMm', 'across')}
        {place('upMm', 'up')}
        {place('frontMm', 'front')}
        {place('tiltDeg', 'tilt')}
        {part.count > 1 && (
          <Choice
            label="Copies stand as"
            value={part.placement.arrangement}
            options={choicesOf(limits, 'arrangement')}
            onChange={(arrangement) =>
              onChange((p) => ({
                ...p,
                placement: { ...p.placement, arrangement: arrangement as Part['placement']['arrangement'] },
              }))
            }
            className="text-note"
          />
        )}
      </div>
      {measured && (
        <ShowWorking label="How its figures come">
          <PartWorkings part={part} measured={measured} />
        </ShowWorking>
      )}
    </div>
  );
}

type CoreProps = Omit<Props, 'stages' | 'onRemove'>;

function CoreFields({ part, index, measured, wrongs, onChange, onSettle }: CoreProps) {
  const limits = useLimits();
  const core = part.core;
  const sheet = limits.shapes.find((s) => s.kind === part.shape.kind)?.sheet;
  if (sheet) return <p className="text-note text-soft">Cut from a sheet: it takes no core.</p>;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <Switch
        label="Foil core"
        on={Boolean(core)}
        onChange={(on) =>
          onChange((p) => {
            const { core: cored, ...solid } = p;
            return on ? { ...solid, core: { shellMm: 5, packing: 'FIRM' } } : solid;
          })
        }
      />
      {core && (
        <>
          <label className="inline-flex items-baseline gap-1 text-note text-soft">
            shell
            <NumberField
              label={`${part.name}, shell`}
              value={core.shellMm}
              span={spanOf(limits, 'core', 'shellMm')}
              chars={3}
              wrong={wrongAt(wrongs, `parts[${index}].core.shellMm`)}
              onChange={(shellMm) => onChange((p) => ({ ...p, core: { ...core, shellMm } }))}
              onSettle={onSettle}
            />
            mm
          </label>
          <Choice
            label="How hard the foil is pressed"
            value={core.packing}
            options={choicesOf(limits, 'packing')}
            onChange={(packing) =>
              onChange((p) => ({ ...p, core: { ...core, packing: packing as typeof core.packing } }))
            }
          />
          {measured?.core && (
            <span className="text-note text-soft">
              tear <b className="figure text-ink">{mm(measured.core.tornMm)} mm</b>, saves{' '}
              <b className="figure text-ink">{grams(measured.core.claySavedG)} g</b> of clay
            </span>
          )}
        </>
      )}
    </div>
  );
}
