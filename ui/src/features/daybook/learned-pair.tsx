import { Link } from 'react-router';
import { Card } from '../../controls/card';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { Pair } from '../../controls/place';
import { useSome } from '../../controls/use-some';
import type { Learned } from '../../server/types';
import { choicesOf, useLimits } from '../../server/use-limits';
import { count, minutes, percent, plain } from '../../words/figures';
import { useLearned } from './use-daybook';

type Step = Learned['steps'][number];

/** What plans learn from the daybook: minutes by step at the left; losses, waste and makers at the right. */
export function LearnedPair() {
  const learned = useLearned();
  const { shown, more } = useSome(byDesign(learned.steps), 12, 'designs');
  return (
    <Pair
      ledger={
        <>
          <p className="max-w-[70ch] text-soft">
            {learned.used
              ? 'Plans, needs and prices use these figures. '
              : 'Plans use the steps’ own figures; you can change that in '}
            {learned.used ? (
              'A step begins with its own figures; each batch you log moves them towards what it really took.'
            ) : (
              <Link to="/settings" className="text-verdigris underline">
                Settings
              </Link>
            )}
          </p>
          {learned.steps.length === 0 && (
            <p className="text-soft">Nothing learned yet. Time a step at the bench and count its pieces.</p>
          )}
          {shown.map((steps) => (
            <StepTable key={steps[0]?.designId} steps={steps} />
          ))}
          {more}
        </>
      }
      drawing={
        <>
          <Losses losses={learned.losses} />
          <Wastes wastes={learned.wastes} />
          <Paces paces={learned.paces} />
        </>
      }
    />
  );
}

function byDesign(steps: Step[]): Step[][] {
  const designs = new Map<number, Step[]>();
  for (const step of steps) {
    const of = designs.get(step.designId);
    if (of) of.push(step);
    else designs.set(step.designId, [step]);
  }
  return [...designs.values()];
}

const HEAD = 'pr-3 text-right font-semibold';

function StepTable({ steps }: { steps: Step[] }) {
  const most = Math.max(...steps.map((s) => Math.max(s.highMin, s.ownSetupMin + s.ownEachMin * s.pieces)));
  return (
    <section
      aria-label={steps[0]?.designName}
      className="row-lazy rounded-card border border-line bg-paper [--row:20rem]"
    >
      <h2 className="px-3 pt-2 text-figure">{steps[0]?.designName}</h2>
      <table className="w-full">
        <thead className="text-note text-soft">
          <tr>
            <th rowSpan={2} className="pl-3 text-left align-bottom font-semibold">
              Step
            </th>
            <th colSpan={2} className={HEAD}>
              own minutes
            </th>
            <th colSpan={2} className={HEAD}>
              learned
            </th>
            <th rowSpan={2} className={`${HEAD} align-bottom`}>
              logs
            </th>
            <th rowSpan={2} className="w-56 pr-3 text-left align-bottom font-semibold">
              next batch
            </th>
          </tr>
          <tr>
            <th className={HEAD}>set-up</th>
            <th className={HEAD}>each</th>
            <th className={HEAD}>set-up</th>
            <th className={HEAD}>each</th>
          </tr>
        </thead>
        <tbody>
          {steps.map((s) => (
            <tr key={s.step} className="border-t border-line">
              <th scope="row" className="py-1 pl-3 text-left font-semibold">
                {s.name}
              </th>
              <td className="pr-3 text-right figure text-soft">{tenths(s.ownSetupMin)}</td>
              <td className="pr-3 text-right figure text-soft">{tenths(s.ownEachMin)}</td>
              <td className="pr-3 text-right figure">{tenths(s.setupMin)}</td>
              <td className="pr-3 text-right figure">{tenths(s.eachMin)}</td>
              <td className="pr-3 text-right figure">{s.batches}</td>
              <td className="pr-3">
                <Range step={s} most={most} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="border-t border-line px-2 py-1">
        <ShowWorking of={`minutes of ${steps[0]?.designName ?? ''}`}>
          <div className="flex flex-col gap-3">
            {steps.map((s) => (
              <WorkingsList key={s.step} workings={s.workings} />
            ))}
          </div>
        </ShowWorking>
      </div>
    </section>
  );
}

const WIDE = 120;

/** What the next batch is expected to take, with the range of four in five, and the step's own figure as a mark. */
function Range({ step, most }: { step: Step; most: number }) {
  const x = (min: number) => (WIDE * min) / most;
  const own = step.ownSetupMin + step.ownEachMin * step.pieces;
  return (
    <span className="flex items-center gap-2">
      <svg width={WIDE} height="16" className="shrink-0" role="img">
        <title>
          {`${step.name}: ${minutes(step.expectedMin)} for ${count(step.pieces, 'piece')}, ${minutes(step.lowMin)} to ${minutes(step.highMin)} in four batches of five; ${minutes(own)} by its own figures`}
        </title>
        <rect
          x={x(step.lowMin)}
          y="5"
          width={Math.max(2, x(step.highMin) - x(step.lowMin))}
          height="6"
          fill="var(--color-verdigris-tint)"
          stroke="#0c5f50"
        />
        <circle cx={x(step.expectedMin)} cy="8" r="4" fill="#0c5f50" />
        <line x1={x(own)} x2={x(own)} y1="1" y2="15" stroke="#16201d" strokeDasharray="2 2" />
      </svg>
      <span className="figure text-note whitespace-nowrap">
        {Math.round(step.lowMin)} to {minutes(step.highMin)}
      </span>
    </span>
  );
}

function Losses({ losses }: { losses: Learned['losses'] }) {
  const words = choicesOf(useLimits(), 'station');
  return (
    <Card title="Lost by station">
      {losses.length === 0 && <p className="text-soft">No losses are logged.</p>}
      {losses.map((loss) => (
        <p key={loss.station} className="flex items-baseline justify-between gap-3 border-b border-line pb-1">
          <span>
            {words.find((w) => w.value === loss.station)?.label}
            <span className="block text-note text-soft">
              {loss.lost} lost of {loss.passed}
            </span>
          </span>
          <span className="text-right">
            <b className="figure text-figure">{tenths(loss.expectedPercent)} %</b>
            <span className="block text-note text-soft">
              {tenths(loss.lowPercent)} to {tenths(loss.highPercent)} %
            </span>
          </span>
        </p>
      ))}
    </Card>
  );
}

function tenths(value: number): string {
  return plain(Math.round(value * 10) / 10);
}

function Wastes({ wastes }: { wastes: Learned['wastes'] }) {
  return (
    <Card title="Waste by mix">
      {wastes.length === 0 && (
        <p className="text-soft">Write down at the Mix station of a batch what was really used.</p>
      )}
      {wastes.map((waste) => (
        <p key={waste.mixId} className="flex items-baseline justify-between gap-3 border-b border-line pb-1">
          <span>
            <Link to={`/mixes/${waste.mixId}`} className="underline decoration-dotted underline-offset-4">
              {waste.name}
            </Link>
            <span className="block text-note text-soft">weighed {count(waste.weighings, 'time')}</span>
          </span>
          <span className="text-right">
            <b className="figure text-figure">{percent(waste.expectedPercent)} %</b>
            <span className="block text-note text-soft">
              {percent(waste.lowPercent)} to {percent(waste.highPercent)} %
            </span>
          </span>
        </p>
      ))}
    </Card>
  );
}

function Paces({ paces }: { paces: Learned['paces'] }) {
  if (paces.length < 2) return null;
  return (
    <Card title="Makers">
      {paces.map((pace) => (
        <p key={pace.maker}>
          Maker {pace.maker}:{' '}
          {pace.ratio === 1 ? 'the one the other is compared with' : `${tenths(pace.ratio)} times as long`},{' '}
          {count(pace.logs, 'log')}
        </p>
      ))}
    </Card>
  );
}
