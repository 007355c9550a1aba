import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { TextField } from '../../controls/text-field';
import type { Design } from '../../server/types';
import { choicesOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { dayName } from '../../words/days';
import type { DesignDraft } from './use-design';

type Line = Design['checks'][number];

const BAKE = 'BAKE ';

/** The lines that are ticked before bakes, varnish and packing. */
export function CheckLines({ design }: { design: DesignDraft }) {
  const { draft, errors } = design;
  const times = choicesOf(useLimits(), 'checkTime').filter((time) => time.value !== 'BAKE');
  const options = [
    ...times,
    ...draft.form.stages.map((stage, i) => ({ value: `${BAKE}${i}`, label: `before “${stage.name}”` })),
  ];
  const setChecks = (change: (checks: Line[]) => Line[]) => draft.change((p) => ({ ...p, checks: change(p.checks) }));
  const set = (i: number, how: (line: Line) => Line) => setChecks((all) => all.map((l, j) => (j === i ? how(l) : l)));
  return (
    <section className="rounded-card border border-line bg-paper px-4 py-3">
      <h2 className="text-figure">Checks</h2>
      <p className="text-note text-soft">A load goes in when its lines are ticked, or skipped with a reason.</p>
      <ul>
        {draft.form.checks.map((line, i) => (
          <li key={i} className="flex flex-wrap items-center gap-x-2 py-0.5">
            <TextField
              label={`Check ${i + 1}`}
              value={line.words}
              error={errorAt(errors, `checks[${i}].words`) ?? errorAt(errors, `checks[${i}].stage`)}
              onChange={(words) => set(i, (l) => ({ ...l, words }))}
              onSettle={draft.settle}
              className="w-60"
            />
            <Choice
              label={`Check ${i + 1}, when`}
              value={line.before === 'BAKE' ? `${BAKE}${line.stage ?? 0}` : (line.before ?? 'LAST_BAKE')}
              options={options}
              onChange={(value) => set(i, (l) => at(l, value))}
              className="min-h-8 border-transparent text-note"
            />
            {line.slipped && <span className="text-note text-straw">◦ slipped {dayName(line.slipped)}</span>}
            <Button
              kind="quiet"
              className="ml-auto px-2"
              aria-label={`Remove the check ${line.words}`}
              onClick={() => setChecks((all) => all.filter((_, j) => j !== i))}
            >
              ✕
            </Button>
          </li>
        ))}
        {design.measured.checkLines.slice(design.measuredForm.checks.length).map((line) => (
          <li key={line} className="py-1 pl-0.5">
            {line} <span className="text-note text-soft">from what is put in</span>
          </li>
        ))}
      </ul>
      <Button
        adds
        kind="quiet"
        onClick={() => setChecks((all) => [...all, { words: 'New check', before: 'LAST_BAKE' }])}
      >
        Add a check
      </Button>
    </section>
  );
}

/** The same line at another time. */
function at({ words, slipped }: Line, when: string): Line {
  const line = slipped === undefined ? { words } : { words, slipped };
  return when.startsWith(BAKE)
    ? { ...line, before: 'BAKE', stage: Number(when.slice(BAKE.length)) }
    : { ...line, before: when as NonNullable<Line['before']> };
}
