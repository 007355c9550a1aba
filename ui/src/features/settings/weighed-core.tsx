import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { InlineNumber } from '../../controls/inline-number';
import { api, Problem, take } from '../../server/client';
import type { Settings } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { plain } from '../../words/figures';

type Packed = Pick<Settings, 'looseGPerCm3' | 'firmGPerCm3' | 'hardGPerCm3'>;

interface Props {
  onWeighed: (packed: Packed) => void;
  onSettle: () => void;
}

/** Learns how hard you press foil from one bare ball of it: its diameter and its weight. */
export function WeighedCore({ onWeighed, onSettle }: Props) {
  const limits = useLimits();
  const [diameterMm, setDiameter] = useState(25);
  const [massG, setMass] = useState(4);
  const ball = limits.shapes.find((s) => s.kind === 'BALL')?.dimensions[0]?.span;
  const weigh = useMutation({
    meta: { form: true },
    mutationFn: () =>
      take(api.POST('/api/sums/foil', { body: { shape: { kind: 'BALL', dimensions: { diameterMm } }, massG } })),
    onSuccess: ({ densityGPerCm3, packing }) => {
      const learned = Math.round(densityGPerCm3 * 1000) / 1000;
      if (packing === 'LOOSE') onWeighed({ looseGPerCm3: learned });
      else if (packing === 'FIRM') onWeighed({ firmGPerCm3: learned });
      else onWeighed({ hardGPerCm3: learned });
    },
  });
  const errors = weigh.error instanceof Problem ? weigh.error.errors : [];
  const grade = choicesOf(limits, 'packing').find((c) => c.value === weigh.data?.packing)?.label;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line pb-1">
      {ball && (
        <InlineNumber
          of="Weighed core"
          words="your foil ball, diameter"
          value={diameterMm}
          span={ball}
          error={errorAt(errors, 'shape.dimensions.diameterMm')}
          onChange={setDiameter}
          onSettle={onSettle}
        />
      )}
      <InlineNumber
        of="Weighed core"
        words="weighs"
        value={massG}
        span={spanOf(limits, 'settings', 'massG')}
        error={errorAt(errors, 'massG')}
        onChange={setMass}
        onSettle={onSettle}
      />
      <Button className="min-h-8 text-note" onClick={() => weigh.mutate()}>
        Use this density
      </Button>
      {weigh.data && (
        <span role="status" className="text-note">
          {plain(weigh.data.densityGPerCm3)} g/cm³ is now the density of your {grade} foil.
        </span>
      )}
    </div>
  );
}
