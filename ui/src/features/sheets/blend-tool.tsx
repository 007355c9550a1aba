import { Card, FieldLine } from '../../controls/card';
import { Figure, FigureStrip } from '../../controls/figure';
import { Pair } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { Segments } from '../../controls/segments';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { api, take } from '../../server/client';
import type { BlendSum } from '../../server/types';
import { useMixes } from '../../server/use-studio';
import { grams, mm, percent, u } from '../../words/figures';
import { KeptCard, KeptTool, useKept } from './kept-card';
import { MixChoice } from './mix-choice';
import { SumField } from './sum-field';
import { useSum } from './use-sum';

interface Form {
  wideMm: number;
  longMm: number;
  thickMm: number;
  startMm: number;
  plainFirstMm: number;
  plainSecondMm: number;
  firstMixId: number;
  secondMixId: number;
  massG: number | null;
}

type Mixes = ReturnType<typeof useMixes>;

/** Two to begin with. */
const twoOf = (mixes: Mixes) => {
  const current = mixes.filter((m) => !m.mix.retired);
  return [current[2] ?? current[0], current[4] ?? current[1] ?? current[0]];
};

/** A sheet that fades from one mix to another: the two designs to cut, the passes, the fade. */
export function BlendTool() {
  return (
    <KeptTool kind="blend">
      <OneBlend />
    </KeptTool>
  );
}

function OneBlend() {
  const open = useKept('blend');
  const mixes = useMixes();
  const asked = useSum<Form, BlendSum>(
    `sum-blend-${open?.kept.id ?? 0}`,
    () =>
      open
        ? { ...open.recipe, massG: null }
        : {
            wideMm: 100,
            longMm: 90,
            thickMm: 1.5,
            startMm: 3,
            plainFirstMm: 10,
            plainSecondMm: 10,
            firstMixId: twoOf(mixes)[0]?.id ?? 0,
            secondMixId: twoOf(mixes)[1]?.id ?? 0,
            massG: null,
          },
    ({ massG, ...rest }) => take(api.POST('/api/sums/blend', { body: massG === null ? rest : { ...rest, massG } })),
  );
  const { form, set, sum, problem } = asked;
  const { massG: _, ...recipe } = { ...form, longMm: sum?.longMm ?? form.longMm };
  const number = (field: Exclude<keyof Form, 'massG'>) => (
    <SumField
      of="blend"
      field={field}
      label={field === 'thickMm' ? 'thickness of the finished sheet' : undefined}
      sum={asked}
    />
  );
  return (
    <Pair
      ledger={
        <>
          <ProblemNote problem={problem} />
          <Card title="The blend">
            <FieldLine label="from">
              <MixChoice label="First mix" id={form.firstMixId} onChange={(firstMixId) => set({ firstMixId })} />
            </FieldLine>
            <FieldLine label="to">
              <MixChoice label="Second mix" id={form.secondMixId} onChange={(secondMixId) => set({ secondMixId })} />
            </FieldLine>
            {number('wideMm')}
            <FieldLine label="wanted">
              <Segments
                label="Blend by"
                value={form.massG === null ? 'length' : 'grams'}
                options={[
                  { value: 'length', label: 'by length' },
                  { value: 'grams', label: 'by weight' },
                ]}
                onChange={(by) =>
                  set({ massG: by === 'grams' ? Math.round((sum?.firstG ?? 10) + (sum?.secondG ?? 10)) : null })
                }
              />
            </FieldLine>
            {form.massG === null ? number('longMm') : <SumField of="blend" field="massG" sum={asked} />}
            {number('thickMm')}
            {number('startMm')}
            {number('plainFirstMm')}
            {number('plainSecondMm')}
          </Card>
          <KeptCard
            kind="blend"
            words="blend"
            recipe={form.massG === null ? { ...recipe, longMm: form.longMm } : recipe}
            onBack={(kept) => set({ ...kept, massG: null })}
          />
          <p className="text-note text-soft">
            Lay the two pieces side by side, fold bottom to top and roll. Always fold the same way: the colours stay
            where they are across the width and mix along the length.
          </p>
        </>
      }
      drawing={sum && <BlendDrawing sum={sum} wideMm={form.wideMm} />}
    />
  );
}

function BlendDrawing({ sum, wideMm }: { sum: BlendSum; wideMm: number }) {
  const { fade } = sum;
  const first = fade[0]?.rawHex;
  const second = fade[fade.length - 1]?.rawHex;
  const scale = Math.min(400 / wideMm, 200 / sum.highMm);
  const w = wideMm * scale;
  const h = sum.highMm * scale;
  const bottom = sum.firstBottomMm * scale;
  const top = sum.firstTopMm * scale;
  return (
    <div className="flex flex-col gap-3 rounded-card border border-line bg-paper p-4">
      <FigureStrip>
        <Figure value={grams(sum.firstG)} unit={u.g}>
          of the first
        </Figure>
        <Figure value={grams(sum.secondG)} unit={u.g}>
          of the second
        </Figure>
        <Figure value={String(sum.passes)}>passes by hand</Figure>
      </FigureStrip>
      <svg viewBox={`-1 -1 ${w + 2} ${h + 2}`} className="h-auto w-full" role="img">
        <title>{`The two pieces: the first ${mm(sum.firstBottomMm)} ${u.mm} along the bottom and ${mm(sum.firstTopMm)} ${u.mm} along the top, ${mm(sum.highMm)} ${u.mm} high; the second fills the rest of ${mm(wideMm)} ${u.mm}`}</title>
        <path d={`M0 0H${top}L${bottom} ${h}H0Z`} fill={first} stroke="#16201d" strokeOpacity="0.6" />
        <path d={`M${top} 0H${w}V${h}H${bottom}Z`} fill={second} stroke="#16201d" strokeOpacity="0.6" />
      </svg>
      <p>
        Cut both {mm(sum.highMm)} {u.mm} high: the first {mm(sum.firstBottomMm)} {u.mm} at the bottom and{' '}
        {mm(sum.firstTopMm)} {u.mm} at the top, the second {mm(wideMm - sum.firstBottomMm)} and{' '}
        {mm(wideMm - sum.firstTopMm)} {u.mm}.
      </p>
      <Fade fade={fade} />
      <p className="text-note text-soft">
        The finished sheet is {mm(sum.longMm)} {u.mm} long. The fade is even after {sum.evenPasses} exact folds; folds
        by hand are not exact, so plan on about {sum.passes}. The colours are predicted by the mixing model: raw above,
        cured below.
      </p>
      <ShowWorking>
        <WorkingsList workings={sum.workings} />
      </ShowWorking>
    </div>
  );
}

function Fade({ fade }: { fade: BlendSum['fade'] }) {
  const each = 400 / fade.length;
  const half = fade.findIndex((f) => f.secondPercent >= 50);
  return (
    <svg viewBox="0 0 402 84" className="h-auto w-full" role="img">
      <title>{`The fade from ${fade[0]?.curedHex ?? ''} to ${fade[fade.length - 1]?.curedHex ?? ''} cured; half and half ${percent((100 * (half + 0.5)) / fade.length)} % across`}</title>
      {fade.map((f, i) => (
        <g key={i}>
          <rect x={1 + i * each} y="1" width={each + 0.5} height="41" fill={f.rawHex} />
          <rect x={1 + i * each} y="42" width={each + 0.5} height="41" fill={f.curedHex} />
        </g>
      ))}
      <rect x="0.5" y="0.5" width="401" height="83" fill="none" stroke="#16201d" strokeOpacity="0.35" />
    </svg>
  );
}
