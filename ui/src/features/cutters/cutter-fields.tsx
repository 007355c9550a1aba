import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { InlineNumber } from '../../controls/inline-number';
import { RefusedNote } from '../../controls/problem-note';
import { api, errorsOf, take } from '../../server/client';
import type { Cutter } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { plainIn } from '../../words/figures';

interface Props {
  of: string;
  keeps: boolean;
  onCut: (outline: number[][], name: string) => void;
}

type Measure = 'wideMm' | 'highMm' | 'points' | 'innerMm' | 'cornerMm';

const measures: Partial<Record<Cutter['family'], Measure[]>> = {
  ROUND: ['wideMm'],
  RECTANGLE: ['wideMm', 'highMm', 'cornerMm'],
  POLYGON: ['wideMm', 'points'],
  STAR: ['wideMm', 'innerMm', 'points'],
  RING: ['wideMm', 'innerMm'],
};
const usual: Measure[] = ['wideMm', 'highMm'];
const words: Record<Measure, string> = {
  wideMm: 'wide',
  highMm: 'high',
  points: 'points',
  innerMm: 'inner',
  cornerMm: 'corners',
};

/** The outline of a cutter by its family and measures, without a drawing. */
export function CutterFields({ of, keeps, onCut }: Props) {
  const limits = useLimits();
  const [cutter, setCutter] = useState<Required<Cutter>>({
    family: 'ROUND',
    wideMm: 24,
    highMm: 32,
    points: 5,
    innerMm: 12,
    cornerMm: 2,
  });
  const cut = useMutation({
    meta: { form: true },
    mutationFn: () => take(api.POST('/api/outlines/cutter', { body: cutter })),
    onSuccess: ({ rings }) => onCut(rings, name()),
  });
  /** "Drop, 24 × 32". */
  const name = () => {
    const sizes = (measures[cutter.family] ?? usual).filter((field) => field === 'wideMm' || field === 'highMm');
    const label = choicesOf(limits, 'cutterFamily').find((one) => one.value === cutter.family)?.label ?? '';
    return `${label.charAt(0).toUpperCase()}${label.slice(1)}, ${sizes.map((field) => plainIn('mm', cutter[field])).join(' × ')}`;
  };
  const errors = errorsOf(cut.error);
  return (
    <span className="flex basis-full flex-wrap items-center gap-x-3 gap-y-1">
      <label className="inline-flex items-center gap-1 text-note text-soft">
        cutter
        <Choice
          label={`${of}, cutter`}
          value={cutter.family}
          options={choicesOf(limits, 'cutterFamily')}
          onChange={(family) => setCutter((c) => ({ ...c, family: family as Cutter['family'] }))}
        />
      </label>
      {(measures[cutter.family] ?? usual).map((field) => (
        <InlineNumber
          key={field}
          of={`${of}, cutter`}
          words={words[field]}
          value={cutter[field]}
          span={spanOf(limits, 'cutter', field)}
          error={errorAt(errors, field)}
          onChange={(value) => setCutter((c) => ({ ...c, [field]: value }))}
          onSettle={() => undefined}
        />
      ))}
      <Button disabled={cut.isPending} onClick={() => cut.mutate()}>
        {keeps ? 'Keep' : 'Use'} this cutter
      </Button>
      <RefusedNote error={cut.error} />
    </span>
  );
}
