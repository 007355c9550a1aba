import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { FileButton } from '../../controls/file-button';
import { NumberField } from '../../controls/number-field';
import { Switch } from '../../controls/switch';
import { api, Problem, take, type InputError } from '../../server/client';
import type { DrawnLine, Span } from '../../server/types';
import { errorAt } from '../../server/use-measured';
import { plainIn, u } from '../../words/figures';
import { LinePad } from './line-pad';
import { extentOf, pointsOf, withPoints, type Point } from './line-points';

interface Props {
  /** The part it is drawn for. */
  of: string;
  /** What the line says, such as "outline from the front", and whether it is an outline. */
  asked: { words: string; closed: boolean };
  line: DrawnLine;
  path: string;
  errors: InputError[];
  onChange: (line: DrawnLine) => void;
  onSettle: () => void;
}

const WITHIN: Span = { field: 'xy', label: 'place of a point', low: -400, high: 400, unit: 'mm', whole: false };

/** A line of a shape: drawn by hand on squared paper, typed point by point, or read out of an SVG file. */
export function LineField({ of, asked: { words, closed }, line, path, errors, onChange, onSettle }: Props) {
  const [chosen, setChosen] = useState(0);
  const points = pointsOf(line);
  const at = Math.min(chosen, points.length - 1);
  const read = useMutation({
    meta: { form: true },
    mutationFn: async (file: File) => take(api.POST('/api/outlines/lines', { body: { svg: await file.text() } })),
    onSuccess: (found) => {
      onChange(found);
      onSettle();
    },
  });
  const move = (i: number, point: Point) => onChange(withPoints(line, points.with(i, point)));
  const add = (point: Point) => {
    onChange(withPoints(line, points.toSpliced(at + 1, 0, point)));
    setChosen(at + 1);
  };
  const refused = read.error instanceof Problem ? read.error.errors[0] : undefined;
  const wrong = refused?.message ?? read.error?.message ?? errorAt(errors, `${path}.xy`)?.message;
  const coordinate = (axis: 0 | 1) => (
    <NumberField
      label={`${of}, ${words}, point ${at + 1}, ${axis === 0 ? 'across' : 'up'}`}
      value={points[at]?.[axis] ?? 0}
      span={WITHIN}
      onChange={(value) => move(at, axis === 0 ? [value, points[at]?.[1] ?? 0] : [points[at]?.[0] ?? 0, value])}
      onSettle={onSettle}
    />
  );
  return (
    <fieldset className="flex flex-wrap items-start gap-x-4 gap-y-1 rounded-small border border-line px-2 pb-2">
      <legend className="px-1 text-note text-soft">{words}</legend>
      <LinePad
        label={`${of}, ${words}: ${points.length} points`}
        points={points}
        closed={closed}
        chosen={at}
        onChoose={setChosen}
        onMove={move}
        onAdd={add}
        onSettle={onSettle}
      />
      <div className="flex flex-col gap-1.5 text-note text-soft">
        <span className="inline-flex flex-wrap items-baseline gap-1">
          <Button
            kind="quiet"
            className="min-h-8 px-2"
            aria-label={`Point before, ${words}`}
            disabled={at === 0}
            onClick={() => setChosen(at - 1)}
          >
            ‹
          </Button>
          point {at + 1} of {points.length}
          <Button
            kind="quiet"
            className="min-h-8 px-2"
            aria-label={`Next point, ${words}`}
            disabled={at >= points.length - 1}
            onClick={() => setChosen(at + 1)}
          >
            ›
          </Button>
        </span>
        <span className="inline-flex items-baseline gap-1">
          {coordinate(0)} across, {coordinate(1)} up, {u.mm}
        </span>
        <span className="inline-flex flex-wrap gap-1">
          <Button className="min-h-8 text-note" onClick={() => add(between(points, at, closed))}>
            Add a point after it
          </Button>
          <Button
            className="min-h-8 text-note"
            disabled={points.length <= (closed ? 3 : 2)}
            onClick={() => {
              onChange(withPoints(line, points.toSpliced(at, 1)));
              setChosen(Math.max(0, at - 1));
            }}
          >
            Remove point {at + 1}
          </Button>
        </span>
        <Switch label="one smooth curve" on={line.smooth} onChange={(smooth) => onChange({ ...line, smooth })} />
        <FileButton accept=".svg,image/svg+xml" onFile={(file) => read.mutate(file)}>
          {read.isPending ? 'Reading …' : 'Read it from an SVG file'}
        </FileButton>
        <span>
          {plainIn('mm', extentOf(points, 0))} × {plainIn('mm', extentOf(points, 1))} {u.mm} as drawn
        </span>
      </div>
      {wrong && (
        <p role="alert" className="w-full text-note text-madder">
          {wrong}
        </p>
      )}
    </fieldset>
  );
}

/** A point in the middle of a stretch, or a little past the end. */
function between(points: Point[], at: number, closed: boolean): Point {
  const [x, y] = points[at] ?? [0, 0];
  const next = points[at + 1] ?? (closed ? points[0] : undefined);
  if (next) return [half(x, next[0]), half(y, next[1])];
  const [px, py] = points[at - 1] ?? [x - 5, y];
  return [half(x, 2 * x - px), half(y, 2 * y - py)];
}

const half = (a: number, b: number) => Math.round((a + b) * 5) / 10;
