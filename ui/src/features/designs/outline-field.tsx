import type { Part } from '../../server/types';
import { count } from '../../words/figures';
import { CutterSources } from '../cutters/cutter-sources';
import { KeepCutter } from '../cutters/keep-cutter';

interface Props {
  part: Part;
  onChange: (change: (part: Part) => Part) => void;
  onSettle: () => void;
}

/** The outline of a cut-out: from a cutter, a drawing or a photo. It can be kept as a cutter. */
export function OutlineField({ part, onChange, onSettle }: Props) {
  const outline = part.shape.outline ?? [];
  const corners = outline.reduce((sum, ring) => sum + ring.length / 2, 0);
  const holes = outline.length - 1;
  return (
    <div className="flex flex-col gap-1">
      <CutterSources
        of={part.name}
        onCut={(cut) => {
          onChange((p) => ({ ...p, shape: { ...p.shape, outline: cut } }));
          onSettle();
        }}
      />
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="text-note text-soft">
          {count(corners, 'corner')}
          {holes > 0 && `, ${count(holes, 'hole')}`}
        </span>
        {outline.length > 0 && <KeepCutter outline={outline} name={part.name} />}
      </div>
    </div>
  );
}
