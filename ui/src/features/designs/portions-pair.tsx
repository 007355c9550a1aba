import { Link } from 'react-router';
import { Pair } from '../../controls/place';
import type { MeasuredPart } from '../../server/types';
import { useSettings } from '../../server/use-studio';
import { grams, mm, times, plainIn, u } from '../../words/figures';
import { PaperPreview } from './paper-preview';
import type { DesignDraft } from './use-design';

/** "3/4 of 57 g", "2 and 1/3 of 57 g". */
function shareWords({ blockG, whole, taken, pieces }: NonNullable<MeasuredPart['share']>): string {
  const part = pieces > 0 ? `${taken}/${pieces}` : '';
  const wholes = whole > 0 ? String(whole) : '';
  return `${[wholes, part].filter(Boolean).join(' and ')} of ${plainIn('g', blockG)} ${u.g}`;
}

/** How a block is brought to a share: "halve it 3 times, then third it". */
function cutWords(pieces: number): string {
  let halves = 0;
  let rest = pieces;
  while (rest > 1 && rest % 2 === 0) {
    rest /= 2;
    halves += 1;
  }
  const thirds = rest === 9 ? 2 : rest === 3 ? 1 : 0;
  const half = halves > 0 ? `halve ${times(halves)}` : '';
  const third = thirds > 0 ? `third ${times(thirds)}` : '';
  return [half, third].filter(Boolean).join(', ');
}

/** What to portion for every part: grams, a ball, a cord, a share of a block; and the gauge to print. */
export function PortionsPair({ id, design }: { id: number; design: DesignDraft }) {
  const { settings } = useSettings();
  const { parts } = design.draft.form;
  return (
    <Pair
      ledger={
        <>
          <div
            tabIndex={0}
            role="group"
            aria-label="Weigh out"
            className="min-h-0 overflow-y-auto rounded-card border border-line bg-paper"
          >
            <table className="w-full">
              <thead className="sticky top-0 z-10 bg-paper text-left align-bottom text-note text-soft">
                <tr>
                  <th className="py-2 pl-3 font-semibold">Part</th>
                  <th className="px-1 text-right font-semibold">Each</th>
                  <th className="w-16 px-1 text-right font-semibold">Clay, {u.g}</th>
                  <th className="w-16 px-1 text-right font-semibold">Ball, {u.mm}</th>
                  <th className="w-16 px-1 text-right font-semibold">
                    Cord Ø{mm(settings.cordMm ?? 6)}, {u.mm}
                  </th>
                  <th className="px-1 pl-3 font-semibold">Share of a block, or cord</th>
                  <th className="pr-3 pl-1 text-right font-semibold max-sm:hidden">Error</th>
                </tr>
              </thead>
              <tbody>
                {parts.map((part, i) => (
                  <PortionRow key={i} name={part.name} count={part.count} sums={design.measured.parts[i]} />
                ))}
              </tbody>
            </table>
          </div>
          <p className="text-note text-soft">
            Cord thickness is set in{' '}
            <Link className="underline" to="/settings">
              Settings
            </Link>
            . A share is cut from a block on the shelf, of an unmixed clay, where a hand can cut it within 3 %;
            otherwise a length of cord is given.
          </p>
        </>
      }
      drawing={
        <PaperPreview
          title="True-size gauge"
          src={`/api/designs/${id}/gauge`}
          edition={design.edition}
          words="Lay each ball in its circle and each cord on its bar. Measure the check bar before you trust the page."
        />
      }
    />
  );
}

function PortionRow({ name, count, sums }: { name: string; count: number; sums: MeasuredPart | undefined }) {
  const share = sums?.share;
  return (
    <tr className="border-t border-line">
      <th scope="row" className="py-1.5 pl-3 text-left font-semibold">
        {name}
        {sums?.sheetMm !== undefined && (
          <span className="block text-note font-normal text-soft">
            sheet {mm(sums.sheetMm)} {u.mm} long, plus its seam
          </span>
        )}
      </th>
      <td className="px-1 text-right figure">{count}</td>
      <td className="px-1 text-right figure text-figure">{sums && grams(sums.massG)}</td>
      <td className="px-1 text-right figure text-figure">{sums && mm(sums.ballMm)}</td>
      <td className="px-1 text-right figure text-figure">{sums && mm(sums.cordMm)}</td>
      <td className="px-1 py-1.5 pl-3 sm:whitespace-nowrap">
        {share ? (
          <>
            <span className="figure">{shareWords(share)}</span>
            {share.pieces > 1 && <span className="block text-note text-soft">{cutWords(share.pieces)}</span>}
          </>
        ) : (
          sums && (
            <>
              <span>
                cut {count} from a cord Ø<span className="figure">{mm(sums.cut.thickMm)}</span>,
              </span>
              <span className="block text-note text-soft">
                {mm(sums.cut.lengthMm)} {u.mm} long
              </span>
            </>
          )
        )}
      </td>
      <td className="pr-3 pl-1 text-right figure whitespace-nowrap max-sm:hidden">
        {share && `${share.errorPercent > 0 ? '+' : ''}${share.errorPercent.toFixed(1)} %`}
      </td>
    </tr>
  );
}
