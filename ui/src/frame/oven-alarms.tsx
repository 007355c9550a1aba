import { useEffect, useRef } from 'react';
import { Link, useLocation } from 'react-router';
import { chime } from '../controls/chime';
import { useMuted } from '../controls/use-flag';
import type { Advice, LoadRecord } from '../server/types';
import { useDay } from '../server/use-bench';
import { useRecord } from '../server/use-record';

const looks: Record<Advice['grade'], string> = {
  STOP: 'border-madder bg-madder-tint text-madder',
  CAUTION: 'border-straw-line bg-straw-tint text-straw',
  TIP: 'border-line bg-verdigris-tint',
};
const rank: Advice['grade'][] = ['STOP', 'CAUTION', 'TIP'];

/** What is the matter in the ovens, whatever screen is looked at: a chime, and a line where the load itself is not seen. */
export function OvenAlarms() {
  return useDay().day.inOvens.map((load) => <OvenAlarm key={load.id} id={load.id} />);
}

function OvenAlarm({ id }: { id: number }) {
  const record = useRecord(id, true);
  const [muted] = useMuted();
  const { pathname } = useLocation();
  useChime(record, muted);
  const worst = record && rank.flatMap((grade) => record.alarms.filter((a) => a.grade === grade))[0];
  const seen = pathname === '/oven' || pathname === `/oven/logged/${id}`;
  if (!worst || seen) return null;
  return (
    <div role="alert" className={`flex items-center gap-4 border-t px-5 py-1.5 ${looks[worst.grade]}`}>
      <p className="min-w-0">
        <span className="font-semibold">In the oven: {worst.message}</span> {worst.fix}
      </p>
      <Link to={`/oven/logged/${id}`} className="ml-auto shrink-0 font-semibold underline underline-offset-4">
        Show this load
      </Link>
    </div>
  );
}

/** Sounds once for each alarm that comes up, unless it is muted. */
function useChime(record: LoadRecord | undefined, muted: boolean) {
  const sounded = useRef(new Set<string>());
  useEffect(() => {
    const rules = new Set((record?.alarms ?? []).map((a) => a.rule));
    const fresh = [...rules].some((rule) => !sounded.current.has(rule));
    sounded.current = rules;
    if (fresh && !muted) chime();
  }, [record, muted]);
}
