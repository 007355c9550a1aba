import { Button } from '../../controls/button';
import { Card, FieldLine } from '../../controls/card';
import { NumberField } from '../../controls/number-field';
import { Pair } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { Switch } from '../../controls/switch';
import type { InputError } from '../../server/client';
import { api, take } from '../../server/client';
import type { CaneSum, Mix } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMixes } from '../../server/use-studio';
import { count, mm, u } from '../../words/figures';
import { CaneDrawing } from './cane-drawing';
import { KeptCard, KeptTool, useKept } from './kept-card';
import { MixChoice } from './mix-choice';
import { SumField } from './sum-field';
import { useSum } from './use-sum';

interface Rods {
  mixId: number;
  count: number;
  diameterMm: number;
}
interface Wrap {
  mixId: number;
  thickMm: number;
}
interface Form {
  rods: Rods[];
  wraps: Wrap[];
  lengthMm: number;
  square: boolean;
  sizeMm: number;
  endWasteMm: number;
  sliceMm: number;
  coverMm2: number | null;
  times: number;
}

type Recipe = NonNullable<NonNullable<Mix['worked']>['cane']>;

const formOf = ({ wraps = [], square = false, ...recipe }: Recipe): Form => ({
  ...recipe,
  wraps,
  square,
  coverMm2: null,
  times: 6,
});

const nothing = () => undefined;

/** Rods packed, wrapped, reduced and sliced: how many slices come of it, and how much of each mix goes in. */
export function CaneTool() {
  return (
    <KeptTool kind="cane">
      <OneCane />
    </KeptTool>
  );
}

function OneCane() {
  const open = useKept('cane');
  const mixes = useMixes();
  const first = mixes[0]?.id ?? 0;
  const second = mixes[1]?.id ?? first;
  const asked = useSum<Form, CaneSum>(
    `sum-cane-${open?.kept.id ?? 0}`,
    () =>
      open
        ? formOf(open.recipe)
        : {
            rods: [
              { mixId: first, count: 1, diameterMm: 12 },
              { mixId: second, count: 6, diameterMm: 12 },
            ],
            wraps: [{ mixId: first, thickMm: 1.5 }],
            lengthMm: 60,
            square: false,
            sizeMm: 18,
            endWasteMm: 15,
            sliceMm: 2,
            coverMm2: null,
            times: 6,
          },
    ({ coverMm2, times, ...cane }) =>
      take(api.POST('/api/sums/cane', { body: coverMm2 === null ? cane : { ...cane, coverMm2, times } })),
  );
  const { form, set, sum, errors, problem } = asked;
  const { coverMm2, times: _, ...recipe } = form;
  return (
    <Pair
      ledger={
        <>
          <ProblemNote problem={problem} />
          <Card title="Packing">
            <RodLines rods={form.rods} errors={errors} mixId={first} onChange={(rods) => set({ rods })} />
            <WrapLines wraps={form.wraps} errors={errors} mixId={first} onChange={(wraps) => set({ wraps })} />
          </Card>
          <Card title="Reducing and slicing">
            <SumField of="cane" field="lengthMm" sum={asked} />
            <SumField
              of="cane"
              field="sizeMm"
              label={form.square ? 'side to reduce to' : 'diameter to reduce to'}
              sum={asked}
            />
            <SumField of="cane" field="endWasteMm" sum={asked} />
            <SumField of="cane" field="sliceMm" sum={asked} />
            <Switch label="pressed square" on={form.square} onChange={(square) => set({ square })} />
          </Card>
          <Card title="To cover an area">
            <Switch
              label="how long a log covers an area"
              on={coverMm2 !== null}
              onChange={(on) => set({ coverMm2: on ? 2500 : null })}
            />
            {coverMm2 !== null && (
              <>
                <SumField of="cane" field="coverMm2" sum={asked} />
                <SumField of="cane" field="times" sum={asked} />
                {sum?.cover && (
                  <p>
                    Pack a log of{' '}
                    <b className="figure">
                      {mm(sum.cover.logMm)} {u.mm}
                    </b>{' '}
                    for {count(sum.cover.slices, 'slice')}, ends included.{' '}
                    <Button kind="quiet" onClick={() => set({ lengthMm: Math.ceil(sum.cover?.logMm ?? 0) })}>
                      Use this length
                    </Button>
                  </p>
                )}
              </>
            )}
          </Card>
          <KeptCard kind="cane" words="cane" recipe={recipe} onBack={(kept) => set(formOf(kept))} />
        </>
      }
      drawing={
        sum && (
          <CaneDrawing
            sum={sum}
            lengthMm={form.lengthMm}
            sizeMm={form.sizeMm}
            endWasteMm={form.endWasteMm}
            square={form.square}
          />
        )
      }
    />
  );
}

interface RodProps {
  rods: Rods[];
  errors: InputError[];
  mixId: number;
  onChange: (rods: Rods[]) => void;
}

function RodLines({ rods, errors, mixId, onChange }: RodProps) {
  const limits = useLimits();
  const put = (i: number, next: Partial<Rods>) => onChange(rods.map((r, j) => (j === i ? { ...r, ...next } : r)));
  return (
    <>
      {rods.map((rod, i) => (
        <FieldLine key={i} label={`rods ${i + 1}`}>
          <NumberField
            label={`Rods ${i + 1}, how many`}
            value={rod.count}
            span={spanOf(limits, 'cane', 'count')}
            chars={3}
            error={errorAt(errors, `rods[${i}].count`)}
            onChange={(count) => put(i, { count: Math.round(count) })}
            onSettle={nothing}
          />
          <span className="text-note text-soft">of</span>
          <NumberField
            label={`Rods ${i + 1}, diameter`}
            value={rod.diameterMm}
            span={spanOf(limits, 'cane', 'diameterMm')}
            chars={4}
            error={errorAt(errors, `rods[${i}].diameterMm`)}
            onChange={(diameterMm) => put(i, { diameterMm })}
            onSettle={nothing}
          />
          <span className="text-note text-soft">{u.mm}</span>
          <MixChoice label={`Mix of rods ${i + 1}`} id={rod.mixId} onChange={(id) => put(i, { mixId: id })} />
          <Button
            kind="quiet"
            aria-label={`Remove rods ${i + 1}`}
            onClick={() => onChange(rods.filter((_, j) => j !== i))}
          >
            ✕
          </Button>
        </FieldLine>
      ))}
      {errorAt(errors, 'rods') && (
        <p role="alert" className="text-madder">
          {errorAt(errors, 'rods')?.fix}
        </p>
      )}
      <Button
        kind="quiet"
        className="self-start"
        onClick={() => onChange([...rods, { mixId, count: 1, diameterMm: 8 }])}
      >
        Add rods
      </Button>
    </>
  );
}

interface WrapProps {
  wraps: Wrap[];
  errors: InputError[];
  mixId: number;
  onChange: (wraps: Wrap[]) => void;
}

function WrapLines({ wraps, errors, mixId, onChange }: WrapProps) {
  const limits = useLimits();
  const put = (i: number, next: Partial<Wrap>) => onChange(wraps.map((w, j) => (j === i ? { ...w, ...next } : w)));
  return (
    <>
      {wraps.map((wrap, i) => (
        <FieldLine key={i} label={`wrap ${i + 1}`}>
          <NumberField
            label={`Wrap ${i + 1}, thickness`}
            value={wrap.thickMm}
            span={spanOf(limits, 'cane', 'thickMm')}
            chars={4}
            error={errorAt(errors, `wraps[${i}].thickMm`)}
            onChange={(thickMm) => put(i, { thickMm })}
            onSettle={nothing}
          />
          <span className="text-note text-soft">{u.mm} of</span>
          <MixChoice label={`Mix of wrap ${i + 1}`} id={wrap.mixId} onChange={(id) => put(i, { mixId: id })} />
          <Button
            kind="quiet"
            aria-label={`Remove wrap ${i + 1}`}
            onClick={() => onChange(wraps.filter((_, j) => j !== i))}
          >
            ✕
          </Button>
        </FieldLine>
      ))}
      <Button adds kind="quiet" className="self-start" onClick={() => onChange([...wraps, { mixId, thickMm: 1 }])}>
        Add a wrap
      </Button>
    </>
  );
}
