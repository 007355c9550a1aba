import { Card, FieldLine } from '../../controls/card';
import { Choice } from '../../controls/choice';
import { Figure, FigureStrip } from '../../controls/figure';
import { NumberField } from '../../controls/number-field';
import { Pair } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { Switch } from '../../controls/switch';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { api, take } from '../../server/client';
import type { CoverSum, Part } from '../../server/types';
import { choicesOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMixes } from '../../server/use-studio';
import { area, grams, minutes, plain, plainIn, u, unitOf, areaAmount, cordAmount } from '../../words/figures';
import { dimensionsOf } from '../designs/new-design';
import { MixChoice } from './mix-choice';
import { PatternDrawing } from './pattern-drawing';
import { SumField } from './sum-field';
import { useSum } from './use-sum';

type Kind = Part['shape']['kind'];

interface Form {
  kind: Kind;
  dimensions: Record<string, number>;
  mixId: number;
  sharePercent: number;
  thickMm: number;
  trimPercent: number;
  gores: number;
  unit: 'SLICE' | 'BALL' | 'STRAND' | 'CORD';
  sizeMm: number;
  highMm: number;
  overlapPercent: number;
  secondsEach: number;
  have: number | null;
}

/** A layer over a form with its sheet and pattern, and what else covers the same surface. */
export function CoverTool() {
  const limits = useLimits();
  const mixes = useMixes();
  const asked = useSum<Form, CoverSum>(
    'sum-cover',
    () => ({
      kind: 'BALL',
      dimensions: { diameterMm: 30 },
      mixId: mixes[0]?.id ?? 0,
      sharePercent: 100,
      thickMm: 2,
      trimPercent: 15,
      gores: 8,
      unit: 'SLICE',
      sizeMm: 8,
      highMm: 1.5,
      overlapPercent: 25,
      secondsEach: 20,
      have: null,
    }),
    ({ kind, dimensions, have, ...rest }) =>
      take(
        api.POST('/api/sums/cover', {
          body: { ...rest, shape: { kind, dimensions }, ...(have === null ? {} : { have }) },
        }),
      ),
  );
  const { form, set, sum, errors, problem } = asked;
  const shape = limits.shapes.find((s) => s.kind === form.kind);
  const choose = (kind: Kind) => set({ kind, dimensions: dimensionsOf(kind, form.dimensions, limits) });
  return (
    <Pair
      ledger={
        <>
          <ProblemNote problem={problem} />
          <Card title="Form">
            <FieldLine label="shape">
              <Choice
                label="Shape of the form"
                value={form.kind}
                options={limits.shapes.filter((s) => s.convex).map((s) => ({ value: s.kind, label: s.label }))}
                onChange={(kind) => choose(kind as Kind)}
              />
            </FieldLine>
            {shape?.dimensions.map(({ span }) => (
              <FieldLine key={span.field} label={span.label} unit={unitOf(span.unit)}>
                <NumberField
                  label={`form, ${span.label}`}
                  value={form.dimensions[span.field] ?? 0}
                  span={span}
                  chars={5}
                  error={errorAt(errors, `shape.dimensions.${span.field}`)}
                  onChange={(value) => set({ dimensions: { ...form.dimensions, [span.field]: value } })}
                  onSettle={() => undefined}
                />
              </FieldLine>
            ))}
            <SumField of="cover" field="sharePercent" sum={asked} />
          </Card>
          <Card title="Layer">
            <FieldLine label="of">
              <MixChoice label="Mix of the layer" id={form.mixId} onChange={(mixId) => set({ mixId })} />
            </FieldLine>
            <SumField of="cover" field="thickMm" sum={asked} />
            <SumField of="cover" field="trimPercent" sum={asked} />
            <SumField of="cover" field="gores" sum={asked} />
          </Card>
          <Card title="Or many small pieces">
            <FieldLine label="of">
              <Choice
                label="What covers the form"
                value={form.unit}
                options={choicesOf(limits, 'coverUnit')}
                onChange={(unit) => set({ unit: unit as Form['unit'] })}
              />
            </FieldLine>
            <SumField of="cover" field="sizeMm" sum={asked} />
            {(form.unit === 'SLICE' || form.unit === 'STRAND') && <SumField of="cover" field="highMm" sum={asked} />}
            {form.unit === 'SLICE' && <SumField of="cover" field="overlapPercent" sum={asked} />}
            <SumField of="cover" field="secondsEach" sum={asked} />
            <Switch
              label="start from what I have"
              on={form.have !== null}
              onChange={(on) => set({ have: on ? Math.max(1, Math.round(sum?.count ?? 60)) : null })}
            />
            {form.have !== null && <SumField of="cover" field="have" sum={asked} />}
          </Card>
        </>
      }
      drawing={sum && <Covered sum={sum} form={form} />}
    />
  );
}

function Covered({ sum, form }: { sum: CoverSum; form: Form }) {
  const cord = form.unit === 'CORD';
  return (
    <>
      <section className="flex flex-col gap-3 rounded-card border border-line bg-paper p-4">
        <h2 className="text-figure">Layer</h2>
        <FigureStrip>
          <Figure value={grams(sum.massG)} unit={u.g}>
            of clay in the layer
          </Figure>
          <Figure {...areaAmount(sum.sheetMm2)}>
            sheet to roll, {plainIn('mm', form.thickMm)} {u.mm} thick
          </Figure>
        </FigureStrip>
        <PatternDrawing pieces={sum.pieces} />
        <ShowWorking>
          <WorkingsList workings={sum.workings} />
        </ShowWorking>
      </section>
      <section className="flex flex-col gap-3 rounded-card border border-line bg-paper p-4">
        <h2 className="text-figure">Many small pieces</h2>
        <FigureStrip>
          <Figure {...(cord ? cordAmount(sum.count) : { value: plain(sum.count) })}>
            {cord ? 'of cord' : 'pieces'}
          </Figure>
          <Figure value={grams(sum.unitsG)} unit={u.g}>
            of clay
          </Figure>
          <Figure value={minutes(sum.unitsMin)}>to lay them</Figure>
        </FigureStrip>
        <p>
          They cover {area(sum.coveredMm2)}, {plain(Math.round(sum.coveredPercent))} % of the form.
        </p>
        <ShowWorking>
          <WorkingsList workings={sum.unitWorkings} />
        </ShowWorking>
      </section>
    </>
  );
}
