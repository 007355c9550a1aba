import { useMutation } from '@tanstack/react-query';
import { createContext, Fragment, useContext, useState, type ReactNode } from 'react';
import { Link, useLocation, useSearchParams } from 'react-router';
import { Button } from '../../controls/button';
import { Card, FieldLine } from '../../controls/card';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { ProblemNote } from '../../controls/problem-note';
import { TextField } from '../../controls/text-field';
import { api, errorsOf, Problem, take } from '../../server/client';
import type { Mix } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMixes } from '../../server/use-studio';

type Worked = NonNullable<Mix['worked']>;
type Kind = 'cane' | 'blend' | 'sheet' | 'cord';

const NEW = 'new';

/** The same for values that hold the same, in whatever order their fields stand. */
function written(value: unknown): string {
  return JSON.stringify(value, (_, held: unknown) =>
    held !== null && typeof held === 'object' && !Array.isArray(held)
      ? Object.fromEntries(Object.entries(held).sort(([a], [b]) => (a < b ? -1 : 1)))
      : held,
  );
}

/** The clay of this kind that is kept and open, by the page's address; null while a new one is tried. */
export function useKept<K extends Kind>(kind: K) {
  const [params] = useSearchParams();
  const id = Number(params.get('mix'));
  const kept = useMixes().find((m) => m.id === id);
  const recipe = kept?.mix.worked?.[kind];
  return kept && recipe ? { kept, recipe: recipe as NonNullable<Worked[K]> } : null;
}

/** The tool on the page, by a name that no other tool has had. */
const ToolKey = createContext('');

/**
 * A tool that can keep what it makes. Opening another kept clay, or a new one, resets it. Keeping its own clay does not, nor does
 * undoing that: everything on the page stays, including values entered before the answer came.
 */
export function KeptTool({ kind, children }: { kind: Kind; children: ReactNode }) {
  const id = useKept(kind)?.kept.id ?? 0;
  const state = useLocation().state as { keptBy?: string } | null;
  const [tool, setTool] = useState(() => ({ id, opened: Date.now(), resets: 0 }));
  const key = `${tool.opened} ${tool.resets}`;
  if (tool.id !== id) setTool({ ...tool, id, resets: state?.keptBy === key ? tool.resets : tool.resets + 1 });
  return (
    <ToolKey value={key}>
      <Fragment key={key}>{children}</Fragment>
    </ToolKey>
  );
}

interface Props<K extends Kind> {
  kind: K;
  /** What one is called. */
  words: string;
  /** It as it stands on the page. */
  recipe: NonNullable<Worked[K]>;
  /** Puts back what is kept. */
  onBack: (recipe: NonNullable<Worked[K]>) => void;
}

/** Keeps what a tool makes under a name: it can then be the clay of parts, and of other canes, like any mix. */
export function KeptCard<K extends Kind>({ kind, words, recipe, onBack }: Props<K>) {
  const limits = useLimits();
  const mixes = useMixes();
  const [, setParams] = useSearchParams();
  const open = useKept(kind);
  const tool = useContext(ToolKey);
  const mix = open?.kept.mix;
  const [name, setName] = useState(mix?.name ?? '');
  const [makingMin, setMaking] = useState(mix?.worked?.makingMin ?? 20);
  const body: Mix = { name: name.trim(), parts: [], worked: { [kind]: recipe, makingMin } };
  const add = useMutation({
    mutationFn: () => take(api.POST('/api/mixes', { body })),
    onSuccess: ({ id }) => setParams({ mix: String(id) }, { state: { keptBy: tool } }),
  });
  const save = useMutation({
    mutationFn: () =>
      take(
        api.PUT('/api/mixes/{id}', {
          params: { path: { id: open?.kept.id ?? 0 }, query: { edition: open?.kept.edition ?? 0 } },
          body: { ...body, retired: mix?.retired ?? false },
        }),
      ),
  });
  const failed = open ? save.error : add.error;
  const errors = errorsOf(failed);
  const changed =
    open !== null &&
    written({ name: name.trim(), makingMin, recipe }) !==
      written({ name: mix?.name, makingMin: mix?.worked?.makingMin ?? 0, recipe: open.recipe });
  const others = mixes.filter((m) => m.mix.worked?.[kind] && (!m.mix.retired || m.id === open?.kept.id));
  return (
    <Card title={`Kept ${words}`}>
      {failed instanceof Problem && errors.length === 0 && <ProblemNote problem={failed} />}
      {others.length > 0 && (
        <FieldLine label="open">
          <Choice
            label={`Kept ${words}`}
            value={open ? String(open.kept.id) : NEW}
            options={[
              { value: NEW, label: 'a new one' },
              ...others.map((m) => ({ value: String(m.id), label: m.mix.name })),
            ]}
            onChange={(value) => setParams(value === NEW ? {} : { mix: value })}
          />
        </FieldLine>
      )}
      <FieldLine label="name">
        <TextField
          label={`Name of the ${words}`}
          value={name}
          error={errorAt(errors, 'name')}
          onChange={setName}
          onSettle={() => undefined}
          className="w-48"
        />
      </FieldLine>
      <FieldLine label="minutes to make one" unit="min">
        <NumberField
          label="Minutes to make one"
          value={makingMin}
          span={spanOf(limits, 'worked', 'makingMin')}
          chars={3}
          error={errorAt(errors, 'worked.makingMin')}
          onChange={setMaking}
          onSettle={() => undefined}
        />
      </FieldLine>
      {errors
        .filter((e) => !['name', 'worked.makingMin'].includes(e.field))
        .map((e) => (
          <p key={e.field} role="alert" className="text-madder">
            {e.message}
          </p>
        ))}
      <div className="flex flex-wrap items-center gap-2">
        {open ? (
          <>
            <Button disabled={!changed} onClick={() => save.mutate()}>
              Save changes
            </Button>
            {changed && (
              <Button
                kind="quiet"
                onClick={() => {
                  setName(mix?.name ?? '');
                  setMaking(mix?.worked?.makingMin ?? 0);
                  onBack(open.recipe);
                }}
              >
                Back to what is kept
              </Button>
            )}
            <Link to={`/mixes/${open.kept.id}`} className="font-semibold text-verdigris underline underline-offset-4">
              Its grams and colour
            </Link>
          </>
        ) : (
          <Button disabled={name.trim() === ''} onClick={() => add.mutate()}>
            Keep this {words}
          </Button>
        )}
      </div>
      <p className="text-note text-soft">
        Kept, it can be chosen as the clay of a part, or go into a cane. Its waste and minutes then count in batches.
      </p>
    </Card>
  );
}
