import { Link } from 'react-router';
import { useKeptChoice } from '../../controls/use-kept-choice';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { Pair } from '../../controls/place';
import { RefusedNote } from '../../controls/problem-note';
import { maker } from '../../server/maker';
import type { BakeLine, DaybookLine, DaybookLineView } from '../../server/types';
import { useBench } from '../../server/use-bench';
import { choicesOf, useLimits } from '../../server/use-limits';
import { useBatches } from '../../server/use-studio';
import { clock, dayName, relativeDay } from '../../words/days';
import { BenchDays } from './bench-days';
import { LineFields } from './line-fields';
import { bakeWords, lineWords } from './line-words';
import { useDaybook, useDaybookActs, type Asked, type Entry } from './use-daybook';

const ALL = 'all';

/** The lines at the left, the hours they tell of at the right. */
export function LinesPair() {
  const [asked, setAsked] = useKeptChoice<Asked>('asked', {});
  const [open, setOpen] = useKeptChoice<number | null>('open', null);
  const { bench } = useBench();
  const { days, more, loading } = useDaybook(asked);
  const { add } = useDaybookActs();
  return (
    <Pair
      ledger={
        <>
          <div className="flex flex-wrap items-center gap-2">
            <AskedFor asked={asked} onChange={setAsked} />
            <Button
              adds
              className="ml-auto"
              onClick={() =>
                add.mutate(
                  { ...lesson(bench.now), ...(asked.batchId === undefined ? {} : { batchId: asked.batchId }) },
                  { onSuccess: ({ id }) => setOpen(id) },
                )
              }
            >
              Write down a lesson
            </Button>
          </div>
          <RefusedNote error={add.error} />
          {days.length === 0 && (
            <p className="text-soft">
              Nothing of this kind yet. What you time, count and lose at the bench is written here by itself.
            </p>
          )}
          {days.map((day) => (
            <section key={day.day} aria-label={dayName(day.day)}>
              <h2 className="mb-1 text-figure">
                {relativeDay(day.day, bench.now) === 'today' ? 'Today' : dayName(day.day)}
              </h2>
              <ol className="rounded-card border border-line bg-paper">
                {day.entries.map((entry) => (
                  <EntryRow key={keyOf(entry)} entry={entry} open={open} onOpen={setOpen} />
                ))}
              </ol>
            </section>
          ))}
          {more && (
            <Button className="self-start" disabled={loading} onClick={more}>
              Show earlier lines
            </Button>
          )}
        </>
      }
      drawing={<BenchDays days={days} />}
    />
  );
}

function lesson(now: string): DaybookLine {
  return { kind: 'LESSON', at: new Date(now).toISOString(), maker: maker(), words: 'Next time:' };
}

function keyOf(entry: Entry): string {
  return 'line' in entry ? `line ${entry.line.id}` : `load ${entry.bake.loadId}`;
}

function AskedFor({ asked, onChange }: { asked: Asked; onChange: (asked: Asked) => void }) {
  const kinds = choicesOf(useLimits(), 'lineKind');
  const batches = useBatches();
  return (
    <>
      <Choice
        label="Kind of line"
        value={asked.kind ?? ALL}
        options={[{ value: ALL, label: 'every kind' }, ...kinds]}
        onChange={(kind) => {
          const others = asked.batchId === undefined ? {} : { batchId: asked.batchId };
          onChange(kind === ALL ? others : { ...others, kind: kind as DaybookLine['kind'] });
        }}
      />
      <Choice
        label="Batch"
        value={asked.batchId === undefined ? ALL : String(asked.batchId)}
        options={[
          { value: ALL, label: 'all batches' },
          ...batches.map((b) => ({ value: String(b.id), label: b.batch.name })),
        ]}
        onChange={(id) => {
          const others = asked.kind === undefined ? {} : { kind: asked.kind };
          onChange(id === ALL ? others : { ...others, batchId: Number(id) });
        }}
      />
    </>
  );
}

interface RowProps {
  entry: Entry;
  open: number | null;
  onOpen: (id: number | null) => void;
}

function EntryRow({ entry, open, onOpen }: RowProps) {
  return (
    <li className="border-t border-line first:border-t-0">
      {'line' in entry ? (
        <LineRow
          view={entry.line}
          open={open === entry.line.id}
          onOpen={() => onOpen(open === entry.line.id ? null : entry.line.id)}
        />
      ) : (
        <BakeRow bake={entry.bake} />
      )}
    </li>
  );
}

function LineRow({ view, open, onOpen }: { view: DaybookLineView; open: boolean; onOpen: () => void }) {
  const reasons = choicesOf(useLimits(), 'lossReason');
  const { said, of } = lineWords(view, reasons.find((r) => r.value === view.line.reason)?.label ?? '');
  return (
    <>
      <button
        type="button"
        aria-expanded={open}
        className="flex min-h-11 w-full items-center gap-3 px-3 py-1 text-left hover:bg-verdigris-tint"
        onClick={onOpen}
      >
        <Mark kind={view.line.kind} />
        <span className="w-30 shrink-0 figure text-note whitespace-nowrap text-soft">
          {clock(view.line.at)}
          {view.line.until && ` to ${clock(view.line.until)}`}
        </span>
        <span className="min-w-0 flex-1 leading-tight">
          <span className={`block ${view.line.kind === 'LESSON' ? '' : 'font-semibold'}`}>{said}</span>
          {of && <span className="block text-note text-soft">{of}</span>}
        </span>
        {view.line.pictureId !== undefined && <span className="text-note text-soft">photo</span>}
        {view.edition > 1 && <span className="text-note text-soft">changed</span>}
        <span aria-hidden="true" className="text-soft">
          {open ? '▴' : '▾'}
        </span>
      </button>
      {open && <LineFields view={view} />}
    </>
  );
}

const marks: Record<DaybookLine['kind'], { sign: string; look: string; words: string }> = {
  TIME: { sign: '▌', look: 'text-verdigris', words: 'time' },
  REWORK: { sign: '▚', look: 'text-straw', words: 'rework' },
  INTERRUPTION: { sign: '‖', look: 'text-soft', words: 'interruption' },
  LOSS: { sign: '✕', look: 'text-madder', words: 'lost' },
  WEIGHING: { sign: '▽', look: 'text-soft', words: 'weighed' },
  LESSON: { sign: '“', look: 'text-ink', words: 'lesson' },
};

function Mark({ kind }: { kind: DaybookLine['kind'] }) {
  const { sign, look, words } = marks[kind];
  return (
    <span role="img" aria-label={words} className={`w-4 text-center ${look}`}>
      {sign}
    </span>
  );
}

/** A load; it is kept with the oven's loads. */
function BakeRow({ bake }: { bake: BakeLine }) {
  const { said, of } = bakeWords(bake);
  return (
    <Link
      to={`/oven/logged/${bake.loadId}`}
      className="flex min-h-11 items-center gap-3 px-3 py-1 hover:bg-verdigris-tint"
    >
      <span role="img" aria-label="baked" className="w-4 text-center text-ember-deep">
        ▲
      </span>
      <span className="w-30 shrink-0 figure text-note whitespace-nowrap text-soft">
        {clock(bake.inAt)}
        {bake.outAt && ` to ${clock(bake.outAt)}`}
      </span>
      <span className="min-w-0 flex-1 leading-tight">
        <span className="block font-semibold">{said}</span>
        <span className="block text-note text-soft">{of}</span>
      </span>
    </Link>
  );
}
