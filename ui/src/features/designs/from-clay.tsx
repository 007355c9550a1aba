import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { InlineNumber } from '../../controls/inline-number';
import { RefusedNote } from '../../controls/problem-note';
import { api, errorsOf, take } from '../../server/client';
import type { Design, MeasuredPart, Part } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { count, grams, u, whole } from '../../words/figures';

interface Props {
  part: Part;
  design: Design;
  index: number;
  measured: MeasuredPart | undefined;
  onChange: (change: (part: Part) => Part) => void;
  onSettle: () => void;
}

const ways = [
  { value: 'mass', label: 'by weight' },
  { value: 'ball', label: 'by its ball' },
  { value: 'block', label: 'by a share of a block' },
  { value: 'cord', label: 'by a length of cord' },
] as const;
type Way = (typeof ways)[number]['value'];

const fieldsOf: Record<Way, (keyof Amount)[]> = {
  mass: ['massG'],
  ball: ['ballMm'],
  block: ['blockG', 'pieces'],
  cord: ['cordMm', 'cordLengthMm'],
};
const wordsOf: Record<keyof Amount, string> = {
  massG: 'clay for one',
  ballMm: 'ball',
  blockG: 'block',
  pieces: 'cut into',
  cordMm: 'cord',
  cordLengthMm: 'cut off',
};

interface Amount {
  massG: number;
  ballMm: number;
  blockG: number;
  pieces: number;
  cordMm: number;
  cordLengthMm: number;
}

/** From the clay in the hand to the size of a part: so much clay, one dimension left free, and the shape follows. */
export function FromClay({ part, design, index, measured, onChange, onSettle }: Props) {
  const limits = useLimits();
  const [way, setWay] = useState<Way>('mass');
  const [amount, setAmount] = useState<Amount>({
    massG: measured ? Math.round(measured.massG * 100) / 100 : 10,
    ballMm: measured ? Math.round(measured.ballMm * 10) / 10 : 16,
    blockG: 60,
    pieces: 12,
    cordMm: 6,
    cordLengthMm: 30,
  });
  const [handG, setHandG] = useState(60);
  const dimensions = limits.shapes.find((shape) => shape.kind === part.shape.kind)?.dimensions ?? [];
  const [chosen, setChosen] = useState('');
  const free = dimensions.find(({ span }) => span.field === chosen) ?? dimensions.at(-1);
  const fit = useMutation({
    meta: { form: true },
    mutationFn: (dimension: string) =>
      take(
        api.POST('/api/designs/from-clay', {
          body: {
            design,
            part: index,
            dimension,
            ...Object.fromEntries(fieldsOf[way].map((field) => [field, amount[field]])),
          },
        }),
      ),
    onSuccess: ({ value }, dimension) => {
      onChange((p) => ({ ...p, shape: { ...p.shape, dimensions: { ...p.shape.dimensions, [dimension]: value } } }));
      onSettle();
    },
  });
  if (part.layer || !free) return null;
  const errors = errorsOf(fit.error);
  const many = measured && measured.massG > 0 ? Math.floor(handG / (measured.massG * part.count) + 1e-9) : 0;
  return (
    <details className="text-note">
      <summary className="min-h-8 cursor-pointer font-semibold text-verdigris">Start from the clay</summary>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 pb-1">
        <Choice
          label={`${part.name}, amount of clay`}
          value={way}
          options={[...ways]}
          onChange={(value) => setWay(value as Way)}
        />
        {fieldsOf[way].map((field) => (
          <InlineNumber
            key={field}
            of={part.name}
            words={wordsOf[field]}
            value={amount[field]}
            span={spanOf(limits, 'fromClay', field)}
            error={errorAt(errors, field)}
            onChange={(value) => setAmount((before) => ({ ...before, [field]: value }))}
            onSettle={() => undefined}
          />
        ))}
        <label className="inline-flex items-center gap-1 text-soft">
          left free
          <Choice
            label={`${part.name}, left free`}
            value={free.span.field}
            options={dimensions.map(({ span }) => ({ value: span.field, label: span.label }))}
            onChange={setChosen}
          />
        </label>
        <Button disabled={fit.isPending} onClick={() => fit.mutate(free.span.field)}>
          Shape it
        </Button>
      </div>
      <RefusedNote error={fit.error} />
      {measured && (
        <p className="flex flex-wrap items-center gap-x-2 text-soft">
          <InlineNumber
            of={part.name}
            words="of this mix"
            value={handG}
            span={spanOf(limits, 'fromClay', 'massG')}
            onChange={setHandG}
            onSettle={() => undefined}
          />
          make <b className="figure text-ink">{whole(many)}</b> designs’ worth
          {part.count > 1 && `, ${count(many * part.count, 'piece')}`}: {grams(measured.massG)} {u.g} each.
        </p>
      )}
    </details>
  );
}
