import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Swatch } from '../../controls/swatch';
import type { MeasuredMix, Mix } from '../../server/types';
import { grams, u } from '../../words/figures';
import { CaneSections } from '../sheets/cane-sections';
import { keptCane } from '../sheets/use-kept-canes';

const tools = { cane: 'cane', blend: 'blend', sheet: '', cord: 'cords' } as const;

interface Props {
  id: number;
  mix: Mix;
  measured: MeasuredMix;
}

/** A mix that is worked instead of kneaded: what goes into it, and the way to its tool. */
export function WorkedMix({ id, mix, measured }: Props) {
  const worked = mix.worked;
  if (!worked) return null;
  const tool = worked.cane ? tools.cane : worked.blend ? tools.blend : worked.sheet ? tools.sheet : tools.cord;
  return (
    <section className="flex flex-col gap-2 rounded-card border border-line bg-paper px-4 py-3">
      <p>
        Worked into a {measured.workedInto}, not kneaded together.{' '}
        <Link
          to={`/mixes/sheets/${tool}?mix=${id}`.replace('/?', '?')}
          className="font-semibold text-verdigris underline underline-offset-4"
        >
          Open the {measured.workedInto}
        </Link>
      </p>
      <table className="w-full">
        <caption className="sr-only">What goes into it</caption>
        <tbody>
          {measured.lines.map((line) => (
            <tr key={line.name} className="border-t border-line">
              <td className="py-1">
                <Swatch raw={line.rawHex} cured={line.curedHex} size={18} />
              </td>
              <td className="py-1">
                <Link to={`/mixes/${line.mixId ?? 0}`} className="underline underline-offset-4">
                  {line.name}
                </Link>
              </td>
              <td className="text-right figure">
                {grams(line.massG)} {u.g}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {worked.cane && <KeptCane cane={worked.cane} />}
    </section>
  );
}

type Cane = NonNullable<NonNullable<Mix['worked']>['cane']>;

function KeptCane({ cane }: { cane: Cane }) {
  const { data } = useQuery(keptCane(cane));
  return data ? <CaneSections sum={data} sizeMm={cane.sizeMm} square={cane.square ?? false} /> : null;
}
