import { memo, useId, useMemo } from 'react';
import { useStable } from '../../controls/use-stable';
import { useSize } from '../../drawing/use-size';
import type { Insert, MeasuredDesign, Part, Underlay } from '../../server/types';
import { mm, plainIn, u } from '../../words/figures';
import { useKeptCanes, type CaneLook } from '../sheets/use-kept-canes';
import { caneOf, SliceFace } from './slice-face';
import { NonClayShapes } from './non-clay-shapes';
import {
  around as aroundAll,
  copiesOf,
  extentOf,
  fit,
  pathOf,
  placed,
  spread,
  type Aspect,
  type Copy,
  type Label,
  type View,
} from './section-geometry';
import { HandMarks } from './hand-marks';
import { InsertShape } from './insert-shape';
import { MarkPaper } from './mark-paper';
import { extentOfPicture, PictureBehind } from './picture-behind';
import { sectionLabels } from './section-labels';
import { useHeld, type Hand } from './use-held';
import type { Marks } from './use-marks';

const PX_PER_MM = 96 / 25.4;
const LABELS_PX = 176;
const LEFT_PX = 48;

interface Props {
  name: string;
  design: MeasuredDesign;
  parts: Part[];
  inserts?: Insert[] | undefined;
  chosen: number;
  aspect: Aspect;
  onChoose: (part: number) => void;
  /** The parts as they are typed: until they are measured again, they are drawn where they were put. */
  typed?: Part[];
  /** None where it is only looked at. */
  hand?: Hand;
  /** The picture behind this view. */
  behind?: Underlay | undefined;
  marks?: Marks;
}

const aspects = { cut: 'section through the middle', front: 'seen from the front', side: 'seen from the right' };

/** The design to scale: cut through the middle with its cores and shells, or seen from the front or the right. */
export const SectionDrawing = memo(function SectionDrawing(props: Props) {
  const { name, design, parts, inserts, chosen, aspect, onChoose, typed = parts, hand, behind, marks } = props;
  const cut = aspect === 'cut';
  const [ref, size] = useSize();
  const hatch = useId();
  const { extent, view, copies } = useMemo(() => {
    const own = extentOf(design, aspect);
    const around = behind ? aroundAll([own, extentOfPicture(behind)]) : own;
    return {
      extent: own,
      view: fit(around, LEFT_PX, 16, size.width - LEFT_PX - LABELS_PX, size.height - 56),
      copies: copiesOf(design, aspect).filter((copy) => aspect !== 'cut' || copy.meets !== 'before'),
    };
  }, [design, aspect, behind, size.width, size.height]);
  const canes = useKeptCanes(parts.map((part) => part.mixId));
  const labels = cut ? spread(sectionLabels(copies, parts, view, chosen), 24, size.height - 44, 42) : [];
  const times = view.scale / PX_PER_MM;
  const choose = useStable(onChoose);
  const held = useHeld({ parts, typed, copies, view, aspect, chosen, hand, onChoose });
  return (
    <div
      ref={ref}
      className="relative min-h-64 flex-1"
      {...(hand && {
        tabIndex: 0,
        role: 'group',
        'aria-label': `Drawing. Arrow keys move ${parts[chosen]?.name ?? 'the part'} by half a millimetre, with Shift by five.`,
        onKeyDown: held.onKeyDown,
      })}
    >
      {size.width > 0 && (
        <svg
          width={size.width}
          height={size.height}
          className="absolute inset-0"
          role="img"
          onPointerMove={held.onPointerMove}
          onPointerUp={held.onPointerUp}
          onPointerCancel={held.onPointerCancel}
        >
          <title>{`${name}, ${aspects[aspect]}, ${times.toFixed(1)} times true size`}</title>
          <desc>{parts.map((part) => `${part.count} ${part.name}`).join(', ')}</desc>
          <defs>
            <pattern id={hatch} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(52)">
              <rect width="5" height="5" fill="#d5dad8" />
              <line x1="0" y1="0" x2="0" y2="5" stroke="#8d9995" strokeWidth="1.6" />
            </pattern>
          </defs>
          {behind && <PictureBehind of={behind} view={view} />}
          {inserts?.map((insert, i) => (
            <InsertShape
              key={i}
              insert={insert}
              overFoilMm={design.inserts[i]?.outerMm ?? insert.thickMm}
              view={view}
              extent={extent}
              side={aspect === 'side'}
            />
          ))}
          <NonClayShapes design={design} view={view} aspect={aspect} only="far" />
          {/* What the parts are drawn against is seen through them. */}
          <g opacity={behind ? 0.75 : 1}>
            {copies.map((copy) => (
              <CopyShape
                key={copy.key}
                copy={copy}
                cane={caneOf(canes, parts[copy.index], copy, aspect)}
                view={view}
                aspect={aspect}
                hatch={hatch}
                chosen={copy.index === chosen}
                shift={held.shiftOf(copy)}
                onGrab={held.onGrab}
                onChoose={choose}
              />
            ))}
          </g>
          {aspect !== 'cut' && <NonClayShapes design={design} view={view} aspect={aspect} only="near" />}
          <HandMarks held={held} view={view} size={size} />
          {marks?.on && <MarkPaper marks={marks} view={view} size={size} />}
          <HeightLine view={view} top={extent.top} bottom={extent.bottom} />
          <ScaleBar y={size.height - 14} scale={view.scale} times={times} />
          {labels.map((label) => (
            <Callout key={label.key} label={label} x={size.width - LABELS_PX + 22} />
          ))}
        </svg>
      )}
      <span role="status" className="sr-only">
        {held.words}
      </span>
    </div>
  );
});

interface CopyProps {
  copy: Copy;
  cane: CaneLook | undefined;
  view: View;
  aspect: Aspect;
  hatch: string;
  chosen: boolean;
  /** By how much it is moved and not measured yet, px: "3 -2"; empty for not at all. */
  shift: string;
  onGrab: (event: React.PointerEvent, copy: Copy) => void;
  onChoose: (part: number) => void;
}

/** Whether nothing that a copy is drawn from has changed: its part stands for its place too. */
function alike(a: CopyProps, b: CopyProps): boolean {
  return (
    a.copy.part === b.copy.part &&
    a.cane === b.cane &&
    a.copy.key === b.copy.key &&
    a.view.key === b.view.key &&
    a.aspect === b.aspect &&
    a.chosen === b.chosen &&
    a.shift === b.shift
  );
}

const CopyShape = memo(function CopyShape(props: CopyProps) {
  const { copy, cane, view, aspect, hatch, chosen, shift, onGrab, onChoose } = props;
  const { part, spot, meets } = copy;
  const cut = aspect === 'cut';
  const through = cut && meets === 'cut';
  const ball = part.thickestAt;
  const flaw = part.advice.some((f) => f.grade !== 'TIP');
  return (
    <g
      onClick={() => onChoose(copy.index)}
      onPointerDown={(event) => onGrab(event, copy)}
      opacity={cut && meets === 'behind' ? 0.5 : 1}
      className={chosen ? 'cursor-move touch-none' : 'cursor-pointer'}
      {...(shift && { transform: `translate(${shift})` })}
    >
      <path
        d={pathOf(through ? (part.section ?? part.front) : copy.outlines, spot, view)}
        fillRule="evenodd"
        fill={part.curedHex}
        stroke={chosen ? '#0c5f50' : '#16201d'}
        strokeWidth={chosen ? 2.5 : 1}
        strokeLinejoin="round"
      />
      {cane && <SliceFace copy={copy} cane={cane} view={view} />}
      {through && part.core && (
        <path
          d={pathOf(part.core.section, spot, view)}
          fill={part.core.foilG > 0 ? `url(#${hatch})` : '#fbfcfb'}
          stroke="#5c6864"
          strokeWidth="1"
        />
      )}
      {through && (chosen || flaw || part.core) && (
        <path
          d={circlePath(ball.acrossMm, ball.upMm, part.thickestMm / 2, copy, view)}
          fill="none"
          stroke={flaw ? '#c2942b' : '#16201d'}
          strokeWidth={flaw ? 2.5 : 1}
          strokeDasharray="3 2"
        />
      )}
    </g>
  );
}, alike);

function circlePath(across: number, up: number, radius: number, copy: Copy, view: View): string {
  const [middleAcross, middleUp] = placed(copy.spot, across, up);
  const x = view.x(middleAcross);
  const y = view.y(middleUp);
  const r = radius * view.scale;
  return `M${x - r} ${y}A${r} ${r} 0 1 0 ${x + r} ${y}A${r} ${r} 0 1 0 ${x - r} ${y}Z`;
}

function HeightLine({ view, top, bottom }: { view: View; top: number; bottom: number }) {
  const x = 26;
  const y1 = view.y(top);
  const y2 = view.y(bottom);
  return (
    <g stroke="#50605a" strokeWidth="1">
      <path d={`M${x} ${y1}V${y2}M${x - 5} ${y1}H${x + 5}M${x - 5} ${y2}H${x + 5}`} fill="none" />
      <text
        transform={`translate(${x - 8} ${(y1 + y2) / 2}) rotate(-90)`}
        textAnchor="middle"
        stroke="none"
        className="fill-soft figure text-note"
      >
        {mm(top - bottom)} {u.mm}
      </text>
    </g>
  );
}

function ScaleBar({ y, scale, times }: { y: number; scale: number; times: number }) {
  const length = scale * 10 > 90 ? 5 : scale * 20 > 130 ? 10 : 20;
  return (
    <g>
      <path d={`M8 ${y - 5}V${y}H${8 + length * scale}V${y - 5}`} fill="none" stroke="#16201d" strokeWidth="1.5" />
      <text x={14 + length * scale} y={y} className="fill-soft text-note">
        {plainIn('mm', length)} {u.mm}, {times.toFixed(1)} times true size
      </text>
    </g>
  );
}

const tones = { ink: 'fill-ink', straw: 'fill-straw', madder: 'fill-madder' };

function Callout({ label, x }: { label: Label & { at: number }; x: number }) {
  return (
    <g>
      <path d={`M${label.x} ${label.y}L${x - 10} ${label.at - 4}H${x - 4}`} fill="none" stroke="#16201d" />
      <circle cx={label.x} cy={label.y} r="2.5" fill="#16201d" />
      <text x={x} y={label.at} className={`text-note font-semibold ${tones[label.tone]}`}>
        {label.title}
      </text>
      <text x={x} y={label.at + 16} className="fill-soft text-note">
        {label.text}
      </text>
    </g>
  );
}
