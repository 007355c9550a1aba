import { useMutation } from '@tanstack/react-query';
import { reread } from '../../server/changes';
import { Button } from '../../controls/button';
import { AdviceList } from '../../controls/advice-list';
import { useMuted } from '../../controls/use-flag';
import { Problem, sendFile } from '../../server/client';
import type { LoadRecord, LoggedLoad } from '../../server/types';
import { useRecord } from '../../server/use-record';
import { clock } from '../../words/days';
import { count, minutes, u, wholeIn } from '../../words/figures';
import { RecordCurve } from './record-curve';

/** What a load got by its probe: curve, minutes that count, alarms; live while it is in. */
export function RecordCard({ load }: { load: LoggedLoad }) {
  const record = useRecord(load.id);
  const [muted, mute] = useMuted();
  if (!record) return null;
  return (
    <section aria-label="Oven record" className="flex flex-col gap-2">
      <div aria-live="assertive">
        <AdviceList advice={record.alarms} />
      </div>
      {record.points.length === 0 ? (
        <p className="text-soft">
          There are no readings of this load. Set up a probe in Settings, or load a file of readings here.
        </p>
      ) : (
        <>
          <RecordCurve record={record} />
          <p className="text-note text-soft">
            Thin line: oven. Thick line: middle of {record.slowest ?? 'the slowest piece'}. Shaded: minutes that count.
          </p>
          <Figures record={record} out={load.outAt !== undefined} />
        </>
      )}
      <div className="flex flex-wrap items-center gap-3">
        {!load.outAt && (
          <Button kind="quiet" aria-pressed={muted} onClick={() => mute(!muted)}>
            {muted ? 'Chime is off' : 'Chime is on'}
          </Button>
        )}
        {record.points.length > 0 && (
          <a href={`/api/baking/loads/${load.id}/readings.csv`} className="text-verdigris underline underline-offset-4">
            Save readings (CSV)
          </a>
        )}
        {record.points.length > 0 && (
          <a
            href={`/api/baking/loads/${load.id}/readings.csv?decimalCommas=true`}
            className="text-verdigris underline underline-offset-4"
          >
            Save with decimal commas
          </a>
        )}
        <ReadingsFile id={load.id} />
      </div>
    </section>
  );
}

function Figures({ record, out }: { record: LoadRecord; out: boolean }) {
  const rows: [string, string][] = [
    ['at temperature', `${minutes(record.atHeatMin)} (${minutes(record.bakingMin)} needed)`],
    ['minutes that count in the middle', minutes(record.countingMin)],
    ['air within the window', minutes(record.inWindowMin)],
    [out ? 'middle at the end' : 'middle now', `${wholeIn('°C', record.centreC ?? 0)} ${u.c}`],
  ];
  if (!out && record.lastC !== undefined) rows.push(['oven now', `${wholeIn('°C', record.lastC)} ${u.c}`]);
  if (record.meanC !== undefined)
    rows.push([
      'oven: average, highest',
      `${wholeIn('°C', record.meanC)}, ${wholeIn('°C', record.hottestC ?? 0)} ${u.c}`,
    ]);
  if (record.coolAt) rows.push(['cool enough to handle', `about ${clock(record.coolAt)}`]);
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-4">
      {rows.map(([name, value]) => (
        <div key={name} className="contents">
          <dt className="text-soft">{name}</dt>
          <dd className="figure font-semibold sm:whitespace-nowrap">{value}</dd>
        </div>
      ))}
    </dl>
  );
}

interface Taken {
  taken: number;
  again: number;
  refused: unknown[];
}

/** Takes in the file of a probe that kept its readings to itself. */
function ReadingsFile({ id }: { id: number }) {
  const send = useMutation({
    mutationFn: (file: File) => sendFile<Taken>(`/api/baking/loads/${id}/readings`, file),
    onSuccess: () => reread(['probe']),
  });
  return (
    <>
      <label className="cursor-pointer text-verdigris underline underline-offset-4 focus-within:outline-2">
        Load readings from a file{' '}
        <input
          type="file"
          accept=".csv,text/csv"
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0];
            if (file) send.mutate(file);
            e.target.value = '';
          }}
        />
      </label>
      {send.data && (
        <span role="status" className="text-note">
          {count(send.data.taken, 'reading')} loaded, {send.data.again} already known, {send.data.refused.length}{' '}
          refused.
        </span>
      )}
      {send.error instanceof Problem && (
        <span role="alert" className="text-madder">
          {send.error.errors.map((w) => w.message).join(' ') || send.error.message}
        </span>
      )}
    </>
  );
}
