import { Card, FieldLine } from '../../controls/card';
import { Choice } from '../../controls/choice';
import { Figure, FigureStrip } from '../../controls/figure';
import { Pair } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { Switch } from '../../controls/switch';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { api, take } from '../../server/client';
import type { ExtrudeSum } from '../../server/types';
import { choicesOf, useLimits } from '../../server/use-limits';
import { useMixes } from '../../server/use-studio';
import { cordAmount, count, grams, mm, ofCord, u } from '../../words/figures';
import { KeptCard, KeptTool, useKept } from './kept-card';
import { MixChoice } from './mix-choice';
import { SumField } from './sum-field';
import { useSum } from './use-sum';

interface Form {
  barrelMm: number;
  strokeMm: number;
  residueMm: number;
  die: 'ROUND' | 'SQUARE' | 'SLOT';
  dieMm: number;
  slotMm: number;
  holes: number;
  swell: number;
  wantedMm: number;
  mixId: number;
  twist: { twists: number; strands: number; lengthMm: number; turns: number } | null;
}

/** Cord pressed through a die: how long from a filling, how many fillings, and what twists take. */
export function CordTool() {
  return (
    <KeptTool kind="cord">
      <OneCord />
    </KeptTool>
  );
}

function OneCord() {
  const open = useKept('cord');
  const limits = useLimits();
  const mixes = useMixes();
  const asked = useSum<Form, ExtrudeSum>(
    `sum-extrude-${open?.kept.id ?? 0}`,
    () => ({
      barrelMm: 20,
      strokeMm: 100,
      residueMm: 8,
      die: 'ROUND',
      dieMm: 2,
      slotMm: 10,
      holes: 1,
      swell: 1.05,
      wantedMm: 2000,
      mixId: mixes[0]?.id ?? 0,
      twist: null,
      ...open?.recipe,
    }),
    ({ twist, ...rest }) => take(api.POST('/api/sums/extrude', { body: twist ? { ...rest, twist } : rest })),
  );
  const { form, set, sum, errors, problem } = asked;
  const { twist, wantedMm: _, ...recipe } = form;
  const number = (
    field: 'barrelMm' | 'strokeMm' | 'residueMm' | 'dieMm' | 'slotMm' | 'holes' | 'swell' | 'wantedMm',
  ) => <SumField of="extrude" field={field} sum={asked} />;
  const turned = (field: 'twists' | 'strands' | 'lengthMm' | 'turns', label: string) =>
    twist && (
      <SumField
        of="extrude"
        field={field}
        label={label}
        sum={{ form: twist, set: (change) => set({ twist: { ...twist, ...change } }), errors }}
      />
    );
  return (
    <Pair
      ledger={
        <>
          <ProblemNote problem={problem} />
          <Card title="Barrel and die">
            <FieldLine label="of">
              <MixChoice label="Mix of the cord" id={form.mixId} onChange={(mixId) => set({ mixId })} />
            </FieldLine>
            {number('barrelMm')}
            {number('strokeMm')}
            {number('residueMm')}
            <FieldLine label="hole">
              <Choice
                label="Kind of hole"
                value={form.die}
                options={choicesOf(limits, 'die')}
                onChange={(die) => set({ die: die as Form['die'] })}
              />
            </FieldLine>
            {number('dieMm')}
            {form.die === 'SLOT' && number('slotMm')}
            {number('holes')}
            {number('swell')}
            {!twist && number('wantedMm')}
          </Card>
          <Card title="Twist">
            <Switch
              label="twist the cords"
              on={twist !== null}
              onChange={(on) => set({ twist: on ? { twists: 12, strands: 2, lengthMm: 60, turns: 6 } : null })}
            />
            {turned('twists', 'twists')}
            {turned('strands', 'cords in a twist')}
            {turned('lengthMm', 'length of a twist')}
            {turned('turns', 'turns')}
          </Card>
          <KeptCard kind="cord" words="cord" recipe={recipe} onBack={set} />
        </>
      }
      drawing={sum && <CordDrawing sum={sum} />}
    />
  );
}

function CordDrawing({ sum }: { sum: ExtrudeSum }) {
  const used = sum.wantedMm / sum.perBarrelMm;
  return (
    <div className="flex flex-col gap-3 rounded-card border border-line bg-paper p-4">
      <FigureStrip>
        <Figure {...cordAmount(sum.perBarrelMm)}>of cord per filling</Figure>
        <Figure value={String(sum.barrels)}>{sum.barrels === 1 ? 'filling' : 'fillings'}</Figure>
        <Figure value={grams(sum.massG)} unit={u.g}>
          clay
        </Figure>
      </FigureStrip>
      <ul aria-label="Fillings" className="flex flex-wrap gap-1.5">
        {Array.from({ length: Math.min(sum.barrels, 60) }, (_, i) => {
          const share = Math.max(0, Math.min(1, used - i));
          return (
            <li key={i}>
              <svg width="22" height="64" viewBox="0 0 22 64" role="img">
                <title>{`filling ${i + 1}, ${Math.round(100 * share)} % of it wanted`}</title>
                <rect x="0.5" y={63.5 - 63 * share} width="21" height={63 * share} fill="#3f6f66" />
                <rect x="0.5" y="0.5" width="21" height="63" fill="none" stroke="#16201d" strokeOpacity="0.6" />
              </svg>
            </li>
          );
        })}
      </ul>
      <p>
        {ofCord(sum.wantedMm)} of cord wanted, {mm(sum.cordMm)} {u.mm} thick. {count(sum.barrels, 'filling')} of up to{' '}
        {grams(sum.fillingG)} {u.g}
        {sum.barrels > 1 ? ', the last with ' : ', filled with '}{' '}
        <b className="figure">
          {grams(sum.lastFillingG)} {u.g}
        </b>
        .{' '}
        {sum.strandMm !== undefined && sum.twistMm !== undefined && (
          <>
            {' '}
            Each cord of a twist is {mm(sum.strandMm)} {u.mm} long; the twist is {mm(sum.twistMm)} {u.mm} thick.{' '}
          </>
        )}
      </p>
      <ShowWorking>
        <WorkingsList workings={sum.workings} />
      </ShowWorking>
    </div>
  );
}
