import { useNavigate } from 'react-router';
import { Button } from '../../controls/button';
import { Check } from '../../controls/check';
import { NumberField } from '../../controls/number-field';
import { Swatch } from '../../controls/swatch';
import { TextField } from '../../controls/text-field';
import type { Leftovers, Lump } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { dayName } from '../../words/days';
import { plain, u } from '../../words/figures';
import { useMixActs } from './use-mix';

interface Props {
  box: Leftovers;
  chosen: number[];
  onChoose: (change: (chosen: number[]) => number[]) => void;
}

/** The lumps: what each is made of, how much there is, which are to be kneaded together. */
export function LumpTable({ box, chosen, onChoose }: Props) {
  const limits = useLimits();
  const { add } = useMixActs();
  const go = useNavigate();
  const draft = useDraft<{ lumps: Lump[] }>('/api/leftovers', 'The box of leftovers', {
    edition: box.edition,
    form: { lumps: box.lumps.map((l) => l.lump) },
  });
  const set = (i: number, change: Partial<Lump>) =>
    draft.change((f) => ({ lumps: f.lumps.map((l, j) => (j === i ? { ...l, ...change } : l)) }));
  return (
    <ul className="rounded-card border border-line bg-paper">
      {draft.form.lumps.map((lump, i) => {
        const seen = box.lumps[i];
        return (
          <li key={i} className="flex flex-wrap items-center gap-x-3 border-t border-line px-3 py-1 first:border-t-0">
            <Check
              label=""
              name={`Knead ${lump.name}`}
              on={chosen.includes(i)}
              onChange={(on) => onChoose((all) => (on ? [...all, i] : all.filter((c) => c !== i)))}
            />
            {seen && <Swatch raw={seen.rawHex} cured={seen.curedHex} size={26} />}
            <span className="min-w-0 flex-1">
              <TextField
                label={`Name of lump ${i + 1}`}
                value={lump.name}
                error={errorAt(draft.errors, `lumps[${i}].name`)}
                onChange={(name) => set(i, { name })}
                onSettle={draft.settle}
                className="w-72 max-w-full font-semibold"
              />
              <span className="block px-1.5 text-note text-soft">
                {seen?.clays.map((c) => `${plain(c.tenthsPercent)} % ${c.name}`).join(', ')}, {dayName(lump.madeOn)}
              </span>
            </span>
            <span className="inline-flex items-baseline gap-1">
              <NumberField
                label={`${lump.name}, grams`}
                value={lump.massG}
                span={spanOf(limits, 'mix', 'massG')}
                chars={5}
                error={errorAt(draft.errors, `lumps[${i}].massG`)}
                onChange={(massG) => set(i, { massG })}
                onSettle={draft.settle}
              />
              <span className="text-note text-soft">{u.g}</span>
            </span>
            {seen && (
              <Button
                kind="quiet"
                aria-label={`Save ${lump.name} as a mix`}
                onClick={() =>
                  add.mutate(
                    {
                      name: lump.name,
                      parts: seen.clays.map((c) => ({ clayId: c.clayId, parts: Math.round(c.percent * 10) / 10 })),
                      unit: 'PERCENT',
                    },
                    { onSuccess: (added) => void go(`/mixes/${added.id}`) },
                  )
                }
              >
                Save
              </Button>
            )}
            <Button
              kind="quiet"
              aria-label={`Remove ${lump.name} from the box`}
              onClick={() => {
                onChoose(() => []);
                draft.change((f) => ({ lumps: f.lumps.filter((_, j) => j !== i) }));
              }}
            >
              ✕
            </Button>
          </li>
        );
      })}
    </ul>
  );
}
