import { useId } from 'react';
import type { CaneSum } from '../../server/types';
import { mm, u } from '../../words/figures';

const HIGH = 116;
/** Pressed together a rod fills the gaps beside it. */
const PRESSED = 1.12;

interface Props {
  sum: CaneSum;
  sizeMm: number;
  square: boolean;
}

/** The cane cut across, in its raw colours: as it is packed, and as it is reduced, to one scale and again enlarged. */
export function CaneSections({ sum, sizeMm, square }: Props) {
  const packedMm = sum.looseMm + sum.wrappedMm - sum.packedMm;
  const widest = Math.max(packedMm, sum.beforeMm);
  return (
    <div className="flex flex-wrap items-end gap-4">
      <Cut title={`packed, ${mm(packedMm)} ${u.mm}`} mmAcross={packedMm} of={widest}>
        <Packed sum={sum} across={packedMm} />
      </Cut>
      <Cut title={`reduced, ${mm(sizeMm)} ${u.mm}`} mmAcross={sizeMm} of={widest}>
        <Pressed sum={sum} across={sizeMm} square={square} />
      </Cut>
      {sizeMm < 0.7 * widest && (
        <Cut title="reduced, enlarged" mmAcross={sizeMm} of={sizeMm}>
          <Pressed sum={sum} across={sizeMm} square={square} />
        </Cut>
      )}
    </div>
  );
}

interface CutProps {
  title: string;
  mmAcross: number;
  of: number;
  children: React.ReactNode;
}

function Cut({ title, mmAcross, of, children }: CutProps) {
  const side = Math.max(6, (HIGH * mmAcross) / of);
  return (
    <figure className="flex flex-col items-center gap-1">
      <svg width={side} height={side} viewBox={`${-mmAcross / 2} ${-mmAcross / 2} ${mmAcross} ${mmAcross}`} role="img">
        <title>{`The cane cut across, ${title}`}</title>
        {children}
      </svg>
      <figcaption className="text-note text-soft">{title}</figcaption>
    </figure>
  );
}

/** The wraps from the outside in, each with how far out it reaches and its colour. */
function wrapsOf(sum: CaneSum, outMm: number, face: Face) {
  const wraps = sum.masses.filter((m) => m.wrap !== undefined);
  const whole = wraps.reduce((all, m) => all + (m.thickMm ?? 0), 0);
  let inside = outMm - whole;
  return wraps
    .map((m) => {
      inside += m.thickMm ?? 0;
      return { out: inside, hex: m[face] };
    })
    .reverse();
}

type Face = 'rawHex' | 'curedHex';

/** The colours of rolled-up blends: from the middle of a rod to its outside. */
function Fades({ sum, id, face }: { sum: CaneSum; id: string; face: Face }) {
  return (
    <defs>
      {sum.masses.map(
        (m, kind) =>
          m.fade && (
            <radialGradient key={kind} id={`${id}${kind}`}>
              <stop offset="0" stopColor={m.fade.inside[face]} />
              <stop offset="1" stopColor={m.fade.outside[face]} />
            </radialGradient>
          ),
      )}
    </defs>
  );
}

const fillOf = (sum: CaneSum, kind: number, id: string, face: Face) =>
  sum.masses[kind]?.fade ? `url(#${id}${kind})` : sum.masses[kind]?.[face];

/** Rods beside each other with the gaps between them, and the sheets round them. */
function Packed({ sum, across }: { sum: CaneSum; across: number }) {
  const id = useId();
  return (
    <>
      <Fades sum={sum} id={id} face="rawHex" />
      {wrapsOf(sum, across / 2, 'rawHex').map((wrap) => (
        <circle key={wrap.out} r={wrap.out} fill={wrap.hex} stroke="#16201d" strokeOpacity="0.4" strokeWidth="0.2" />
      ))}
      <circle r={sum.looseMm / 2} fill="#fbfcfb" />
      {sum.section.map((rod, i) => (
        <circle
          key={i}
          cx={rod.xMm}
          cy={rod.yMm}
          r={rod.radiusMm}
          fill={fillOf(sum, rod.kind, id, 'rawHex')}
          stroke="#16201d"
          strokeOpacity="0.5"
          strokeWidth="0.2"
        />
      ))}
    </>
  );
}

interface PressedProps {
  sum: CaneSum;
  across: number;
  square: boolean;
  face?: Face;
}

/** The same pressed together without gaps, and made smaller. */
export function Pressed({ sum, across, square, face = 'rawHex' }: PressedProps) {
  const id = useId();
  const half = across / 2;
  const times = across / sum.wrappedMm;
  const core = (sum.packedMm / 2) * times;
  const shape = (out: number, rest: React.SVGProps<SVGCircleElement> & React.SVGProps<SVGRectElement>) =>
    square ? <rect x={-out} y={-out} width={2 * out} height={2 * out} {...rest} /> : <circle r={out} {...rest} />;
  return (
    <>
      <Fades sum={sum} id={id} face={face} />
      <clipPath id={id}>{shape(core, {})}</clipPath>
      {wrapsOf(sum, sum.wrappedMm / 2, face).map((wrap) => (
        <g key={wrap.out}>{shape(wrap.out * times, { fill: wrap.hex })}</g>
      ))}
      <g clipPath={`url(#${id})`}>
        {shape(core, { fill: sum.masses[sum.section[0]?.kind ?? 0]?.[face] ?? 'none' })}
        {sum.section.map((rod, i) => {
          const [x, y] = square ? squared(rod.xMm, rod.yMm, sum.looseMm / 2) : [rod.xMm, rod.yMm];
          const closer = (sum.packedMm / sum.looseMm) * times;
          return (
            <circle
              key={i}
              cx={x * closer}
              cy={y * closer}
              r={rod.radiusMm * times * PRESSED}
              fill={fillOf(sum, rod.kind, id, face)}
            />
          );
        })}
      </g>
      {shape(half, { fill: 'none', stroke: '#16201d', strokeOpacity: 0.6, strokeWidth: across / 120 })}
    </>
  );
}

/** Where a place of a disc goes when the disc is pressed square: along its ray, as far as the square is farther out. */
function squared(x: number, y: number, radius: number): [number, number] {
  const out = Math.hypot(x, y);
  if (out === 0 || radius === 0) return [0, 0];
  const farther = out / Math.max(Math.abs(x), Math.abs(y));
  const by = 1 + (farther - 1) * Math.min(1, out / radius);
  return [x * by, y * by];
}
