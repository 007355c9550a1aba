import { useQuery } from '@tanstack/react-query';
import { WorkingsList } from '../../controls/workings-list';
import { api, take } from '../../server/client';
import type { MeasuredPart, Part } from '../../server/types';
import { plain } from '../../words/figures';
import { useSettings } from '../../server/use-studio';

/** How the volume, the core and the ball of a part come about, asked of the server when it is opened. */
export function PartWorkings({ part, measured }: { part: Part; measured: MeasuredPart }) {
  const { settings } = useSettings();
  const core = part.core;
  const shape = useQuery({
    queryKey: ['sum-shape', part.shape],
    enabled: !measured.layer,
    queryFn: () => take(api.POST('/api/sums/shape', { body: part.shape })),
  });
  const portion = useQuery({
    queryKey: ['sum-portion', measured.volumeMm3, measured.densityGPerCm3],
    queryFn: () =>
      take(
        api.POST('/api/sums/portion', {
          body: { volumeMm3: measured.volumeMm3, densityGPerCm3: measured.densityGPerCm3 },
        }),
      ),
  });
  const foil = useQuery({
    queryKey: ['sum-core', part.shape, core, measured.core?.packedGPerCm3, settings.foilUm, settings.foilWidthMm],
    enabled: Boolean(core),
    queryFn: () =>
      take(
        api.POST('/api/sums/core', {
          body: {
            shape: part.shape,
            shellMm: core?.shellMm ?? 0,
            packing: core?.packing ?? 'FIRM',
            floor: core?.floor ?? 'COVERED',
            lobes: core?.lobes ?? 1,
            hollow: core?.hollow ?? false,
            packedGPerCm3: measured.core?.packedGPerCm3 ?? 0.5,
            foilUm: settings.foilUm,
            foilWidthMm: settings.foilWidthMm,
            greatestMm: measured.greatestMm,
          },
        }),
      ),
  });
  return (
    <div className="flex flex-col gap-3">
      {measured.layer && <WorkingsList workings={measured.layer.workings} />}
      {!measured.layer && shape.data && <WorkingsList workings={shape.data.workings} />}
      {core && foil.data && <WorkingsList workings={foil.data.workings} />}
      {measured.boredMm3 > 0 && (
        <p>
          Of its clay, {plain(Math.round(measured.boredMm3 / 10) / 100)} cm³ is left out where inserts pass through.
        </p>
      )}
      {portion.data && <WorkingsList workings={portion.data.workings} />}
    </div>
  );
}
