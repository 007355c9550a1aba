import { useState } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { Swatch } from '../../controls/swatch';
import type { InputError } from '../../server/client';
import type { MeasuredMix, Mix } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMixes, useShelf } from '../../server/use-studio';
import { grams, plain, u } from '../../words/figures';
import { newClay } from '../shelf/new-clay';
import { useShelfActs } from '../shelf/use-shelf-acts';
import { ClayHere } from './clay-here';

type Part = Mix['parts'][number];

interface Props {
  id: number;
  draft: Draft<Mix>;
  measured: MeasuredMix;
  errors: InputError[];
}

const keyOf = (part: Part) => (part.mixId === undefined ? `clay ${part.clayId ?? 0}` : `mix ${part.mixId}`);
const partOf = (key: string, parts: number): Part => {
  const [kind, id] = key.split(' ');
  return kind === 'mix' ? { mixId: Number(id), parts } : { clayId: Number(id), parts };
};

/** Everything that may go into a mix: clays and the other mixes that are not retired. */
function useChoices(id: number) {
  const { clays } = useShelf();
  const mixes = useMixes();
  return [
    ...clays.map((c) => ({
      value: `clay ${c.id}`,
      label: c.clay.name,
      mark: <Swatch raw={c.clay.rawHex} cured={c.clay.curedHex} />,
      onShelfG: c.onShelfG,
    })),
    ...mixes
      .filter((m) => m.id !== id && !m.mix.retired)
      .map((m) => ({
        value: `mix ${m.id}`,
        label: `${m.mix.name}, a mix`,
        mark: <Swatch raw={m.measured.rawHex} cured={m.measured.curedHex} />,
        onShelfG: undefined,
      })),
  ];
}

/** The lines of a recipe: clays and mixes, how much of each, what to take. */
export function MixLines({ id, draft, measured, errors }: Props) {
  const limits = useLimits();
  const choices = useChoices(id);
  const { parts, unit = 'PARTS' } = draft.form;
  const setParts = (change: (parts: Part[]) => Part[]) => draft.change((m) => ({ ...m, parts: change(m.parts) }));
  const free = choices.filter((c) => !parts.some((p) => keyOf(p) === c.value));
  const shelf = useShelf();
  const { addClay } = useShelfActs();
  const [here, setHere] = useState<number | null>(null);
  const missed = shelf.clays.find((c) => c.id === here);
  const range = shelf.clays.find((c) => c.id === parts[0]?.clayId)?.clay.rangeId ?? shelf.ranges[0]?.id;
  const addMissed = async (of: number) => {
    const { id: clayId } = await addClay.mutateAsync(newClay(of));
    setHere(clayId);
    setParts((all) => [...all, { clayId, parts: 1 }]);
  };
  const add = (kind: 'clay' | 'mix', words: string) => {
    const next = free.find((c) => c.value.startsWith(kind));
    return (
      next && (
        <Button kind="quiet" onClick={() => setParts((all) => [...all, partOf(next.value, 1)])}>
          {words}
        </Button>
      )
    );
  };
  return (
    <div className="rounded-card border border-line bg-paper">
      <table className="w-full">
        <thead className="text-left text-note text-soft">
          <tr>
            <th className="py-2 pl-3 font-semibold">Clay or mix</th>
            <th className="text-right font-semibold capitalize">
              {choicesOf(limits, 'mixUnit').find((u) => u.value === unit)?.label}
            </th>
            <th className="text-right font-semibold">Take</th>
            <th className="text-right font-semibold max-sm:hidden">On the shelf</th>
            <th>
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {parts.map((part, i) => {
            const chosen = choices.find((c) => c.value === keyOf(part));
            const line = measured.lines[i];
            const take = line?.massG ?? 0;
            const onShelf = chosen?.onShelfG;
            const short = onShelf !== undefined && onShelf < take;
            const stock = (
              <>
                {onShelf === undefined ? (
                  'mix this first'
                ) : (
                  <span className="figure whitespace-nowrap">
                    {grams(onShelf)} {u.g}
                  </span>
                )}
                {short && ' ◦ short'}
              </>
            );
            const looks = short ? 'font-semibold text-straw' : 'text-soft';
            const name = chosen?.label ?? '';
            const error = errorAt(errors, `parts[${i}].mixId`) ?? errorAt(errors, `parts[${i}].clayId`);
            return (
              <tr key={i} className="border-t border-line">
                <td className="py-1.5 pl-3">
                  <Choice
                    label={`Clay ${i + 1}`}
                    value={keyOf(part)}
                    options={choices}
                    onChange={(key) => setParts((all) => all.map((p, j) => (j === i ? partOf(key, p.parts) : p)))}
                    className="border-transparent"
                  />
                  <p className={`pl-2 text-note sm:hidden ${looks}`}>
                    {onShelf !== undefined && 'On the shelf '}
                    {stock}
                  </p>
                  {error && (
                    <p role="alert" className="max-w-64 pl-2 text-note text-madder">
                      {error.message}
                    </p>
                  )}
                </td>
                <td className="text-right">
                  <NumberField
                    label={`${name}, parts`}
                    value={part.parts}
                    span={spanOf(limits, 'mix', 'parts')}
                    chars={4}
                    error={errorAt(errors, `parts[${i}].parts`)}
                    onChange={(value) => setParts((all) => all.map((p, j) => (j === i ? { ...p, parts: value } : p)))}
                    onSettle={draft.settle}
                  />
                </td>
                <td className="text-right figure text-figure font-semibold">
                  {grams(take)}
                  <span className="ml-0.5 text-note font-normal text-soft">g</span>
                  {unit === 'DROPS' && line && (
                    <span className="block text-note font-normal text-soft">{plain(Math.round(line.drops))} drops</span>
                  )}
                </td>
                <td className={`text-right max-sm:hidden ${looks}`}>{stock}</td>
                <td className="text-right">
                  <Button
                    kind="quiet"
                    aria-label={`Remove ${name}`}
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
      {missed && <ClayHere saved={missed} ranges={shelf.ranges} />}
      <div className="m-1 flex flex-wrap">
        {add('clay', 'Add a clay')}
        {range !== undefined && (
          <Button adds kind="quiet" onClick={() => void addMissed(range)}>
            Add a new clay
          </Button>
        )}
        {add('mix', 'Add a mix')}
        <Button
          adds
          kind="quiet"
          onClick={() =>
            draft.change((m) => ({
              ...m,
              inclusions: [
                ...(m.inclusions ?? []),
                { name: 'Mica powder', percent: 1, effect: 'SHIMMER', priceMinor: 0 },
              ],
            }))
          }
        >
          Add glitter, powder or bits
        </Button>
      </div>
    </div>
  );
}
