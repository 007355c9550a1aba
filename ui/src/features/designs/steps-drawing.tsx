import type { Design } from '../../server/types';
import { minutes, plain } from '../../words/figures';

interface Props {
  steps: Design['steps'];
  stations: { value: string; label: string }[];
}

const batches = [1, 6, 12, 24];

/** Minutes of work per piece in batches of several sizes: set-up is shared, the rest is not. */
export function StepsDrawing({ steps, stations }: Props) {
  const setup = steps.reduce((sum, s) => sum + s.setupMin, 0);
  const each = steps.reduce((sum, s) => sum + s.eachMin, 0);
  const most = Math.max(1, setup + each);
  const shown = stations.filter((st) => steps.some((s) => s.station === st.value));
  return (
    <div className="rounded-card border border-line bg-paper p-4">
      <h2 className="text-figure">Minutes of work per piece, by batch size</h2>
      <ul className="mt-3 flex flex-col gap-3">
        {batches.map((n) => (
          <li key={n}>
            <div className="flex items-baseline justify-between">
              <span>
                batch of <b className="figure">{n}</b>
              </span>
              <span className="figure text-figure font-semibold">{minutes(setup / n + each)}</span>
            </div>
            <div className="mt-1 flex h-5">
              <div className="bg-verdigris" style={{ width: `${(100 * each) / most}%` }} />
              <div
                className="border border-verdigris bg-verdigris-tint"
                style={{ width: `${(100 * setup) / n / most}%` }}
              />
            </div>
          </li>
        ))}
      </ul>
      <p className="mt-2 text-note text-soft">
        Dark bar: work on each piece, {plain(each)} min. Light bar: set-up, shared by the batch.
      </p>
      <table className="mt-4 w-full">
        <thead className="text-left text-note text-soft">
          <tr>
            <th className="font-semibold">Station</th>
            <th className="text-right font-semibold">Set-up</th>
            <th className="text-right font-semibold">Each</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((st) => {
            const own = steps.filter((s) => s.station === st.value);
            return (
              <tr key={st.value} className="border-t border-line">
                <td className="py-1">{st.label}</td>
                <td className="text-right figure">{plain(own.reduce((a, s) => a + s.setupMin, 0))} min</td>
                <td className="text-right figure">{plain(own.reduce((a, s) => a + s.eachMin, 0))} min</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
