import { Swatch } from '../../controls/swatch';
import type { Hand } from '../../server/types';
import { useDesigns } from '../../server/use-studio';
import { count, grams, mm, u } from '../../words/figures';
import { DesignThumb } from '../designs/design-thumb';

/** What the current job makes, drawn, and the lumps to roll for it. */
export function JobLumps({ job }: { job: Hand }) {
  const design = useDesigns().find((d) => d.id === job.designId);
  return (
    <div className="mt-2 flex flex-wrap items-start gap-4 border-t border-line pt-2">
      {design && <DesignThumb design={design.measured} parts={design.design.parts} width={120} height={110} />}
      {job.lumps.length > 0 && (
        <div role="group" tabIndex={0} aria-label="Lumps" className="max-h-48 min-w-56 flex-1 overflow-y-auto">
          <ul aria-label="Lumps for this job">
            {job.lumps.map((lump, i) => (
              <li key={i} className="flex items-baseline gap-2 max-sm:flex-wrap">
                <b className="w-10 text-right figure">{lump.blanks}</b>
                <Swatch raw={lump.rawHex} cured={lump.curedHex} size={16} />
                <span className="min-w-0 flex-1 truncate">
                  {lump.name}
                  {lump.fromBox > 0 && (
                    <span className="text-note text-soft">, {lump.fromBox} from the box of spares</span>
                  )}
                  {lump.blanks !== lump.count && (
                    <span className="text-note text-soft">, {count(lump.count, 'part')} from these</span>
                  )}
                </span>
                <span className="figure whitespace-nowrap max-sm:ml-12 max-sm:basis-full">
                  {grams(lump.massG)} {u.g}
                  {lump.blanks === lump.count && (
                    <span className="text-soft">
                      {' '}
                      ball {mm(lump.ballMm)} {u.mm}
                    </span>
                  )}
                </span>
              </li>
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}
