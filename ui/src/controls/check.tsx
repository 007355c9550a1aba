import { Checkbox } from 'radix-ui';

interface Props {
  label: string;
  /** What it is called where its words are not enough. */
  name?: string;
  on: boolean;
  onChange: (on: boolean) => void;
}

/** A line to tick. */
export function Check({ label, name, on, onChange }: Props) {
  return (
    <label className="flex min-h-11 cursor-pointer items-center gap-3">
      <Checkbox.Root
        checked={on}
        aria-label={name}
        onCheckedChange={(next) => onChange(next === true)}
        className="flex size-6 shrink-0 items-center justify-center rounded-small border-2 border-soft bg-paper data-[state=checked]:border-verdigris data-[state=checked]:bg-verdigris"
      >
        <Checkbox.Indicator className="leading-none text-paper">✓</Checkbox.Indicator>
      </Checkbox.Root>
      <span className={on ? 'text-soft' : 'font-semibold'}>{label}</span>
    </label>
  );
}
