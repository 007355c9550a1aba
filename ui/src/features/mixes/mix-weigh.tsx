import { useKeptChoice } from '../../controls/use-kept-choice';
import { Segments } from '../../controls/segments';
import type { Mix, Weighed } from '../../server/types';
import { grams, plain, plainIn, u } from '../../words/figures';
import { useWeighed } from './use-mix';

type Block = NonNullable<Weighed['inBlocks']['lines'][number]['block']>;

/** "1 block and a third of 57 g". */
function blockWords({ whole, taken, pieces, massG }: Block) {
  const parts = [whole > 0 ? `${whole} whole` : '', pieces > 0 ? `${taken} of ${pieces} equal pieces` : ''].filter(
    Boolean,
  );
  return `${parts.join(' and ') || 'none'} of a ${plainIn('g', massG)} ${u.g} block`;
}

/** What to weigh or cut so that the grams wanted end up in pieces, and what rounding does to the colour. */
export function MixWeigh({ id, mix, wantedG }: { id: number; mix: Mix; wantedG: number }) {
  const [how, setHow] = useKeptChoice<'scale' | 'blocks'>('how', 'scale');
  const weighed = useWeighed(id, mix, wantedG);
  if (!weighed) return null;
  const way = how === 'scale' ? weighed.onScale : weighed.inBlocks;
  const off = Math.max(way.differenceRaw, way.differenceCured);
  return (
    <section aria-label="Amounts to weigh" className="rounded-card border border-line bg-paper">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1 px-3 py-2">
        <h2 className="text-figure">Amounts to weigh</h2>
        <Segments
          label="How to measure"
          value={how}
          options={[
            { value: 'scale', label: `Scale, ${plainIn('g', weighed.onScale.stepG ?? 0)} ${u.g}` },
            { value: 'blocks', label: 'Cut from blocks' },
          ]}
          onChange={setHow}
        />
      </div>
      <p className="px-3 pb-1 text-note text-soft">
        Mix {grams(weighed.toMixG)} {u.g}: {grams(weighed.netG)} {u.g} ends up in the pieces;{' '}
        {plain(weighed.handsPercent)} % stays on hands and tools
        {weighed.machineG > 0 && `, ${grams(weighed.machineG)} ${u.g} in the machine`}.
      </p>
      <table className="w-full">
        <thead className="text-left text-note text-soft">
          <tr>
            <th className="pl-3 font-semibold">Clay or mix</th>
            <th className="text-right font-semibold">Recipe</th>
            <th className="text-right font-semibold">Weigh</th>
            <th className="pr-3 text-right font-semibold">Actual share</th>
          </tr>
        </thead>
        <tbody>
          {way.lines.map((line) => (
            <tr key={line.name} className="border-t border-line">
              <td className="py-1 pl-3">
                {line.name}
                {line.block && <span className="block text-note text-soft">{blockWords(line.block)}</span>}
              </td>
              <td className="text-right figure text-soft">
                {grams(line.exactG)} {u.g}
              </td>
              <td className="text-right figure text-figure font-semibold">
                {plainIn('g', Math.round(line.takenG * 1000) / 1000)} {u.g}
              </td>
              <td className="pr-3 text-right figure">{line.truePercent.toFixed(1)} %</td>
            </tr>
          ))}
          {way.inclusions.map((s) => (
            <tr key={`addition ${s.name}`} className="border-t border-line">
              <td className="py-1 pl-3">
                {s.name} <span className="text-note text-soft">added</span>
              </td>
              <td className="text-right figure text-soft">
                {grams(s.exactG)} {u.g}
              </td>
              <td className="text-right figure text-figure font-semibold">
                {plainIn('g', Math.round(s.takenG * 1000) / 1000)} {u.g}
              </td>
              <td />
            </tr>
          ))}
        </tbody>
      </table>
      <p className="border-t border-line px-3 py-1.5 text-note">
        {grams(way.totalG)} {u.g} in all.{' '}
        {off < 0.005 ? (
          'Exactly the recipe.'
        ) : (
          <>
            {' '}
            Rounding changes the colour by <b className="figure">{plain(Math.round(off * 100) / 100)}</b>{' '}
            {off < 1 ? ': nobody will see the difference.' : `: ${way.differs}.`}{' '}
          </>
        )}
      </p>
    </section>
  );
}
