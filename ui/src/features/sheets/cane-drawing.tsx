import { Figure, FigureStrip } from '../../controls/figure';
import { Swatch } from '../../controls/swatch';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import type { CaneSum } from '../../server/types';
import { CaneSections } from './cane-sections';
import { count, grams, mm, percent, plain, u, whole, areaAmount } from '../../words/figures';

interface Props {
  sum: CaneSum;
  lengthMm: number;
  sizeMm: number;
  endWasteMm: number;
  square: boolean;
}

/** The log before and after it is reduced, to one scale, with the ends that are cut off. */
export function CaneDrawing({ sum, lengthMm, sizeMm, endWasteMm, square }: Props) {
  const scale = 440 / Math.max(lengthMm, sum.reducedMm);
  const end = Math.min(endWasteMm, sum.reducedMm / 2);
  const thin = Math.max(1.5, sizeMm * scale);
  const thick = Math.max(1.5, sum.beforeMm * scale);
  return (
    <div className="flex flex-col gap-3 rounded-card border border-line bg-paper p-4">
      <FigureStrip>
        <Figure value={whole(sum.slices)}>slices</Figure>
        <Figure {...areaAmount(sum.coversMm2)}>area covered</Figure>
        <Figure value={percent(sum.wastedPercent)} unit="%">
          waste at the ends
        </Figure>
      </FigureStrip>
      <svg viewBox={`0 0 442 ${thick + thin + 26}`} className="h-auto w-full" role="img">
        <title>{`Above: the log as packed, ${mm(lengthMm)} ${u.mm} long and ${mm(sum.beforeMm)} ${u.mm} thick. Below: the reduced log, ${mm(sum.reducedMm)} ${u.mm} long and ${mm(sizeMm)} ${u.mm} thick, with ${mm(end)} ${u.mm} cut off at each end`}</title>
        <defs>
          <pattern id="cane-waste" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V6" stroke="#16201d" strokeWidth="1.4" />
          </pattern>
        </defs>
        <rect x="1" y="1" width={lengthMm * scale} height={thick} fill="#d6ddd9" stroke="#16201d" strokeOpacity="0.6" />
        <g transform={`translate(1 ${thick + 22})`}>
          <rect width={sum.reducedMm * scale} height={thin} fill="#d6ddd9" stroke="#16201d" strokeOpacity="0.6" />
          <rect width={end * scale} height={thin} fill="url(#cane-waste)" />
          <rect x={(sum.reducedMm - end) * scale} width={end * scale} height={thin} fill="url(#cane-waste)" />
        </g>
      </svg>
      <CaneSections sum={sum} sizeMm={sizeMm} square={square} />
      <p>
        Pressed together, the rods measure {mm(sum.packedMm)} {u.mm}; wrapped, {mm(sum.wrappedMm)} {u.mm}. Reduced to{' '}
        {mm(sizeMm)} {u.mm}, the log grows by {mm(sum.gainedMm)} {u.mm} to {mm(sum.reducedMm)} {u.mm}:{' '}
        {count(sum.slices, 'slice')} of {plain(Math.round(sum.sliceMm2 * 10) / 10)} mm² each.
      </p>
      <table className="w-full">
        <caption className="text-left font-semibold">Clay to pack</caption>
        <tbody>
          {sum.masses.map((m, i) => (
            <tr key={i} className="border-t border-line">
              <td className="py-1">
                <Swatch raw={m.rawHex} cured={m.curedHex} size={18} />
              </td>
              <td className="py-1">{m.name}</td>
              <td className="py-1 text-soft">{m.wrap ? `wrap ${m.wrap}, a sheet` : count(m.rods ?? 0, 'rod')}</td>
              <td className="text-right figure">
                {grams(m.massG)} {u.g}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <ShowWorking>
        <WorkingsList workings={sum.workings} />
      </ShowWorking>
    </div>
  );
}
