import { Card, FieldLine } from '../../controls/card';
import { Choice } from '../../controls/choice';
import { Figure, FigureStrip } from '../../controls/figure';
import { Pair } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { api, take } from '../../server/client';
import type { SheetSum } from '../../server/types';
import { useMixes } from '../../server/use-studio';
import { count, grams, mm, percent, plainIn, u, areaAmount } from '../../words/figures';
import { Machines } from './machine-card';
import { KeptCard, KeptTool, useKept } from './kept-card';
import { MixChoice } from './mix-choice';
import { SumField } from './sum-field';
import { useMachines } from './use-machines';
import { useSum } from './use-sum';

interface Form {
  wideMm: number;
  longMm: number;
  thickMm: number;
  trimMm: number;
  mixId: number;
  machineId: number;
}

/** How much clay a sheet takes, at which settings, in how many strips. */
export function SheetTool() {
  const machines = useMachines();
  if (machines.length === 0) return <Pair ledger={<Machines />} drawing={null} />;
  return (
    <KeptTool kind="sheet">
      <Sheet />
    </KeptTool>
  );
}

function Sheet() {
  const open = useKept('sheet');
  const machines = useMachines();
  const mixes = useMixes();
  const of = (id: number) => (machines.find((m) => m.id === id) ?? machines[0])?.machine;
  const asked = useSum<Form, SheetSum>(
    `sum-sheet-${open?.kept.id ?? 0}`,
    () => ({
      wideMm: 200,
      longMm: 120,
      thickMm: 2,
      trimMm: 5,
      mixId: mixes[0]?.id ?? 0,
      ...open?.recipe,
      machineId: machines[0]?.id ?? 0,
    }),
    ({ machineId, ...rest }) =>
      take(
        api.POST('/api/sums/sheet', {
          body: { ...rest, machine: of(machineId) ?? { name: '', rollerMm: 0, settings: [] } },
        }),
      ),
  );
  const { form, set, sum, problem } = asked;
  const { machineId: _, ...recipe } = form;
  return (
    <Pair
      ledger={
        <>
          <ProblemNote problem={problem} />
          <Card title="The sheet">
            <FieldLine label="of">
              <MixChoice label="Mix of the sheet" id={form.mixId} onChange={(mixId) => set({ mixId })} />
            </FieldLine>
            <FieldLine label="rolled by">
              <Choice
                label="Machine"
                value={String(machines.find((m) => m.id === form.machineId)?.id ?? machines[0]?.id)}
                options={machines.map((m) => ({ value: String(m.id), label: m.machine.name }))}
                onChange={(id) => set({ machineId: Number(id) })}
              />
            </FieldLine>
            <SumField of="sheet" field="wideMm" sum={asked} />
            <SumField of="sheet" field="longMm" sum={asked} />
            <SumField of="sheet" field="thickMm" label="thickness wanted" sum={asked} />
            <SumField of="sheet" field="trimMm" sum={asked} />
          </Card>
          <KeptCard kind="sheet" words="sheet" recipe={recipe} onBack={set} />
          <Machines />
        </>
      }
      drawing={sum && <SheetDrawing sum={sum} trimMm={form.trimMm} wantedMm={form.thickMm} />}
    />
  );
}

/** From here on a sheet is not what was asked for. */
const OTHER = 0.05;

function SheetDrawing({ sum, trimMm, wantedMm }: { sum: SheetSum; trimMm: number; wantedMm: number }) {
  const each = sum.stripWideMm + 2 * trimMm;
  const wide = sum.strips * each;
  const scale = Math.min(440 / wide, 300 / sum.stripLongMm);
  const last = sum.settings[sum.settings.length - 1];
  const off = sum.thickMm / wantedMm - 1;
  return (
    <div className="flex flex-col gap-3 rounded-card border border-line bg-paper p-4">
      <FigureStrip>
        <Figure value={grams(sum.massG)} unit={u.g}>
          clay, with trimmings
        </Figure>
        <Figure {...areaAmount(sum.areaMm2)}>sheet wanted</Figure>
        <Figure value={String(sum.strips)}>strips</Figure>
      </FigureStrip>
      <svg
        viewBox={`0 0 ${wide * scale + 2} ${sum.stripLongMm * scale + 2}`}
        className="h-auto max-h-80 w-full"
        role="img"
      >
        <title>{`${count(sum.strips, 'strip')} of ${mm(sum.stripWideMm)} by ${mm(sum.stripLongMm)} ${u.mm}, with ${mm(trimMm)} ${u.mm} to trim at every edge`}</title>
        {Array.from({ length: sum.strips }, (_, i) => (
          <g key={i} transform={`translate(${1 + i * each * scale} 1)`}>
            <rect
              width={each * scale}
              height={sum.stripLongMm * scale}
              fill={sum.rawHex}
              fillOpacity="0.35"
              stroke="#16201d"
              strokeOpacity="0.4"
              strokeDasharray="3 3"
            />
            <rect
              x={trimMm * scale}
              y={trimMm * scale}
              width={sum.stripWideMm * scale}
              height={(sum.stripLongMm - 2 * trimMm) * scale}
              fill={sum.rawHex}
              stroke="#16201d"
              strokeOpacity="0.6"
            />
          </g>
        ))}
      </svg>
      <p>
        Roll {count(sum.strips, 'strip')} at least {mm(each)} {u.mm} wide and {mm(sum.stripLongMm)} {u.mm} long;
        trimmed, each is {mm(sum.stripWideMm)} {u.mm} wide.
      </p>
      <p>
        Settings, from thick to thin:{' '}
        {sum.settings.map((s) => `${s.name} (${plainIn('mm', s.thickMm)} ${u.mm})`).join(' → ')}
        {last && <b>. Stop at {last.name}.</b>}
      </p>
      {sum.layers > 1 && (
        <p className="text-straw">
          ◦ The machine cannot roll this thick: stack {sum.layers} sheets, {plainIn('mm', sum.thickMm)} {u.mm} together,
          and press the air out.
        </p>
      )}
      {Math.abs(off) >= OTHER && (
        <p className="text-straw">
          ◦ The closest setting gives {plainIn('mm', Math.round(sum.thickMm * 100) / 100)} {u.mm},{' '}
          {percent(100 * Math.abs(off))} % {off > 0 ? 'thicker' : 'thinner'} than wanted.
        </p>
      )}
      <ShowWorking>
        <WorkingsList workings={sum.workings} />
      </ShowWorking>
    </div>
  );
}
