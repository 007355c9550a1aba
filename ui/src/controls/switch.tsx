import { Switch as Radix } from 'radix-ui';

interface Props {
  label: string;
  on: boolean;
  onChange: (on: boolean) => void;
}

/** On or off, with its words beside it. */
export function Switch({ label, on, onChange }: Props) {
  return (
    <label className="inline-flex min-h-8 cursor-pointer items-center gap-2">
      <Radix.Root
        checked={on}
        onCheckedChange={onChange}
        className="h-5 w-9 rounded-full border border-soft bg-paper p-0.5 data-[state=checked]:border-verdigris data-[state=checked]:bg-verdigris"
      >
        <Radix.Thumb className="block size-3.5 rounded-full bg-soft transition-transform data-[state=checked]:translate-x-4 data-[state=checked]:bg-paper" />
      </Radix.Root>
      <span>{label}</span>
    </label>
  );
}
