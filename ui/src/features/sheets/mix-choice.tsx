import { Choice } from '../../controls/choice';
import { Swatch } from '../../controls/swatch';
import { useMixes } from '../../server/use-studio';

/** One of the mixes that are not retired. */
export function MixChoice({ label, id, onChange }: { label: string; id: number; onChange: (id: number) => void }) {
  const mixes = useMixes().filter((m) => !m.mix.retired || m.id === id);
  return (
    <Choice
      label={label}
      value={String(id)}
      options={mixes.map((m) => ({
        value: String(m.id),
        label: m.mix.name,
        mark: <Swatch raw={m.measured.rawHex} cured={m.measured.curedHex} />,
      }))}
      onChange={(next) => onChange(Number(next))}
    />
  );
}
