import { useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { Pair } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { Swatch } from '../../controls/swatch';
import { TextField } from '../../controls/text-field';
import type { Mix } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { usePieces, useShelf } from '../../server/use-studio';
import { grams } from '../../words/figures';
import { MixDrawing } from './mix-drawing';
import { useMix } from './use-mix';

type Part = Mix['parts'][number];

/** A mix: its parts and the grams wanted at the left, the colour they make at the right. */
export function MixPair({ id }: { id: number }) {
  const limits = useLimits();
  const { clays } = useShelf();
  const [wantedG, setWantedG] = useState(100);
  const { draft, measured, wrongs, problem } = useMix(id, wantedG);
  const { parts, name } = draft.form;
  const setParts = (change: (parts: Part[]) => Part[]) => draft.change((m) => ({ ...m, parts: change(m.parts) }));
  const unused = clays.find((c) => !parts.some((p) => p.clayId === c.id));
  const general = wrongAt(wrongs, 'parts');
  return (
    <Pair
      ledger={
        <>
          <ProblemNote problem={problem} />
          <div className="flex flex-wrap items-baseline gap-x-5">
            <TextField
              label="Name of the mix"
              value={name}
              wrong={wrongAt(wrongs, 'name')}
              onChange={(next) => draft.change((m) => ({ ...m, name: next }))}
              onSettle={draft.settle}
              className="w-60 font-head text-large font-bold"
            />
            <label className="inline-flex items-baseline gap-1 text-soft">
              wanted
              <NumberField
                label="Wanted"
                value={wantedG}
                span={spanOf(limits, 'mix', 'wantedG')}
                chars={5}
                wrong={wrongAt(wrongs, 'wantedG')}
                onChange={setWantedG}
                onSettle={draft.settle}
              />
              g
            </label>
          </div>
          <div className="rounded-card border border-line bg-paper">
            <table className="w-full">
              <thead className="text-left text-note text-soft">
                <tr>
                  <th className="py-2 pl-3 font-semibold">Clay</th>
                  <th className="text-right font-semibold">Parts</th>
                  <th className="text-right font-semibold">Take</th>
                  <th className="text-right font-semibold">On the shelf</th>
                  <th>
                    <span className="sr-only">Take it out</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {parts.map((part, i) => {
                  const clay = clays.find((c) => c.id === part.clayId);
                  const take = measured.clays[i]?.massG ?? 0;
                  const short = clay !== undefined && clay.onShelfG < take;
                  const set = (change: Partial<Part>) =>
                    setParts((all) => all.map((p, j) => (j === i ? { ...p, ...change } : p)));
                  return (
                    <tr key={i} className="border-t border-line">
                      <td className="py-1.5 pl-3">
                        <Choice
                          label={`Clay ${i + 1}`}
                          value={String(part.clayId)}
                          options={clays.map((c) => ({
                            value: String(c.id),
                            label: c.clay.name,
                            mark: <Swatch raw={c.clay.rawHex} cured={c.clay.curedHex} />,
                          }))}
                          onChange={(clayId) => set({ clayId: Number(clayId) })}
                          className="border-transparent"
                        />
                      </td>
                      <td className="text-right">
                        <NumberField
                          label={`${clay?.clay.name ?? ''}, parts`}
                          value={part.parts}
                          span={spanOf(limits, 'mix', 'parts')}
                          chars={4}
                          wrong={wrongAt(wrongs, `parts[${i}].parts`)}
                          onChange={(value) => set({ parts: value })}
                          onSettle={draft.settle}
                        />
                      </td>
                      <td className="text-right figure text-figure font-semibold">
                        {grams(take)}
                        <span className="ml-0.5 text-note font-normal text-soft">g</span>
                      </td>
                      <td className={`text-right figure ${short ? 'font-semibold text-straw' : 'text-soft'}`}>
                        {clay && grams(clay.onShelfG)} g{short && ' ◦ short'}
                      </td>
                      <td className="text-right">
                        <Button
                          kind="quiet"
                          aria-label={`Take out ${clay?.clay.name ?? 'this clay'}`}
                          onClick={() => setParts((all) => all.filter((_, j) => j !== i))}
                        >
                          ✕
                        </Button>
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
            {unused && (
              <Button
                kind="quiet"
                className="m-1"
                onClick={() => setParts((all) => [...all, { clayId: unused.id, parts: 1 }])}
              >
                Add a clay
              </Button>
            )}
          </div>
          <p className="px-1 text-note">
            <Link
              to={`/mixes/find?mix=${id}&g=${wantedG}&onhand=1`}
              className="font-semibold text-verdigris underline underline-offset-4"
            >
              Find what else makes this colour
            </Link>{' '}
            <span className="text-soft">from what is on the shelf, for {grams(wantedG)} g.</span>
          </p>
          <UsedIn mixId={id} />
          {general && (
            <p role="alert" className="rounded-card border border-madder bg-madder-tint px-3 py-2 text-madder">
              Found {general.found}, allowed is {general.allowed}. {general.mend}
            </p>
          )}
        </>
      }
      drawing={<MixDrawing name={name} mix={measured} />}
    />
  );
}

/** The pieces a mix is in, with the grams of it in one. */
function UsedIn({ mixId }: { mixId: number }) {
  const used = usePieces().flatMap(({ id, piece, measured }) => {
    const of = piece.parts.map((part, i) => (part.mixId === mixId ? (measured.parts[i]?.massG ?? 0) * part.count : 0));
    const sum = of.reduce((a, b) => a + b, 0);
    return sum > 0 ? [{ id, name: piece.name, sum }] : [];
  });
  return (
    <section className="rounded-card border border-line bg-paper px-3 py-2">
      <h2 className="text-figure">Used in</h2>
      {used.length === 0 && <p className="text-soft">No piece is made of it yet.</p>}
      <ul>
        {used.map(({ id, name, sum }) => (
          <li key={id} className="flex justify-between gap-3 border-t border-line py-1 first:border-t-0">
            <Link to={`/pieces/${id}`} className="underline decoration-dotted underline-offset-4">
              {name}
            </Link>
            <span className="figure">{grams(sum)} g in one</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
