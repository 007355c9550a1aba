import { Progress } from 'radix-ui';

/** How far long work is. */
export function ProgressBar({ label, percent }: { label: string; percent: number }) {
  return (
    <Progress.Root
      aria-label={label}
      value={percent}
      className="h-2.5 overflow-hidden rounded-small border border-soft bg-paper"
    >
      <Progress.Indicator className="h-full bg-verdigris" style={{ width: `${percent}%` }} />
    </Progress.Root>
  );
}
