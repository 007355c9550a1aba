import { useTextSize } from '../../drawing/use-size';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { api, take } from '../../server/client';
import type { HeatedStage, MeasuredDesign, Design } from '../../server/types';
import { measureOptions, keyOf } from '../../server/use-measured';
import { minutes, plainIn, shortDegrees, u } from '../../words/figures';
import { difference } from '../../words/units';

export type Air = 'STILL' | 'FAN' | 'TENT';

/** How heat goes through every stage bake of a design, in an oven that is hot already. */
export function useHeat(design: Design, air: Air) {
  const { data } = useQuery({
    queryKey: ['heat', keyOf(design), air],
    queryFn: () => take(api.POST('/api/designs/heat', { params: { query: { air } }, body: design })),
    placeholderData: keepPreviousData,
    ...measureOptions,
  });
  return data;
}

const WIDE = 400;
const HIGH = 116;
const LEFT = 30;
const FOOT = 16;
const ROOM_C = 20;

interface Props {
  heated: HeatedStage;
  stage: MeasuredDesign['stages'][number];
}

/** The middle of the slowest part against the oven and the window, and what each way of counting gives. */
export function StageHeat({ heated, stage }: Props) {
  const { bakingMin, tempC, warmMin, plannedMin } = heated;
  return (
    <div className="mt-2 border-t border-line pt-2">
      <HeatCurve heated={heated} stage={stage} />
      <p className="text-note">
        {warmMin === undefined
          ? `The middle of ${heated.slowest} heats up slowest. It does not come within ${difference(5)} of ${plainIn('°C', tempC)} ${u.c} in ${minutes(bakingMin)}.`
          : `The middle of ${heated.slowest} heats up slowest. It comes within ${difference(5)} of ${plainIn('°C', tempC)} ${u.c} after ${minutes(warmMin)}, so ${minutes(heated.countingMin)} of ${minutes(bakingMin)} count.`}
      </p>
      {heated.tooShort && (
        <p className="text-note font-semibold text-straw">
          ◦ To heat through, this bake needs {minutes(plannedMin)} in a hot oven: bake it longer, or make its section
          thinner.
        </p>
      )}
      <ShowWorking of={`heat through ${heated.slowest}`}>
        <WorkingsList workings={heated.workings} />
      </ShowWorking>
      {heated.bakingMethods.length > 0 && (
        <table className="mt-1 w-full text-note">
          <thead className="text-left text-soft">
            <tr>
              <th className="font-semibold">Baking method</th>
              <th className="text-right font-semibold">Baking time</th>
              <th className="text-right font-semibold">Minutes that count</th>
            </tr>
          </thead>
          <tbody>
            {heated.bakingMethods.map((s) => (
              <tr key={s.name} className="border-t border-line">
                <td>{s.name}</td>
                <td className="text-right figure">{minutes(s.bakingMin)}</td>
                <td className="text-right figure">{minutes(s.countingMin)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
}

function HeatCurve({ heated, stage }: Props) {
  const [ref, fontSize] = useTextSize(WIDE, HIGH);
  const { samples, bakingMin, tempC, warmMin } = heated;
  const top = Math.max(stage.highC, tempC) + 8;
  const x = (min: number) => LEFT + (min / bakingMin) * (WIDE - LEFT - 2);
  const y = (c: number) => 2 + ((top - c) / (top - ROOM_C)) * (HIGH - FOOT - 4);
  const line = (of: (s: HeatedStage['samples'][number]) => number) =>
    samples.map((s, i) => `${i === 0 ? 'M' : 'L'}${x(s.min).toFixed(1)} ${y(of(s)).toFixed(1)}`).join('');
  const counting = samples.filter((s) => warmMin !== undefined && s.min >= warmMin);
  const first = counting[0];
  const last = counting[counting.length - 1];
  return (
    <svg ref={ref} viewBox={`0 0 ${WIDE} ${HIGH}`} className="h-auto w-full" role="img" fontSize={fontSize}>
      <title>{`Oven ${plainIn('°C', tempC)} ${u.c} for ${minutes(bakingMin)}; the middle of ${heated.slowest} reaches ${plainIn('°C', Math.round(samples[samples.length - 1]?.centreC ?? 0))} ${u.c}, ${minutes(heated.countingMin)} count`}</title>
      <rect
        x={LEFT}
        y={y(stage.highC)}
        width={WIDE - LEFT - 2}
        height={Math.max(1, y(stage.lowC) - y(stage.highC))}
        className="fill-ember"
        fillOpacity="0.1"
      />
      {first && last && (
        <path
          d={`M${x(first.min)} ${y(ROOM_C)}${counting.map((s) => `L${x(s.min).toFixed(1)} ${y(s.centreC).toFixed(1)}`).join('')}L${x(last.min)} ${y(ROOM_C)}Z`}
          className="fill-ember"
          fillOpacity="0.25"
        />
      )}
      <path
        d={`M${LEFT} ${y(tempC)}H${WIDE - 2}`}
        fill="none"
        className="stroke-ember-deep"
        strokeWidth="1.5"
        strokeDasharray="5 3"
      />
      <path d={line((s) => s.outsideC)} fill="none" className="stroke-soft" strokeWidth="1" />
      <path d={line((s) => s.centreC)} fill="none" className="stroke-ink" strokeWidth="2" />
      <path d={`M${LEFT} 2V${HIGH - FOOT}H${WIDE - 2}`} fill="none" className="stroke-line" />
      <text x={LEFT - 3} y={y(tempC) + 4} textAnchor="end" className="fill-ember-deep">
        {shortDegrees(tempC)}
      </text>
      <text x={LEFT - 3} y={y(ROOM_C) + 2} textAnchor="end" className="fill-soft">
        {shortDegrees(ROOM_C)}
      </text>
      <text x={WIDE - 2} y={HIGH - 3} textAnchor="end" className="fill-soft">
        {minutes(bakingMin)}
      </text>
      <text x={LEFT} y={HIGH - 3} className="fill-soft">
        Thick line: middle. Thin line: outside. Dashed: oven.
      </text>
    </svg>
  );
}
