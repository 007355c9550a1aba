import { useMutation, useSuspenseQuery } from '@tanstack/react-query';
import { rereadAll } from '../../server/changes';
import { useId } from 'react';
import { Button } from '../../controls/button';
import { Card } from '../../controls/card';
import { Problem, api, sendFile, take } from '../../server/client';
import type { components } from '../../server/schema';
import { clock, dayName } from '../../words/days';
import { plain } from '../../words/figures';

type Opened = components['schemas']['OpenedCopyView'];

/** What is opened: a file that is chosen, or one of those the studio keeps. */
type Copy = File | string;

const open = (copy: Copy) =>
  typeof copy === 'string'
    ? take(api.POST('/api/studio/copies/{name}', { params: { path: { name: copy } } }))
    : sendFile<Opened>('/api/studio/copy', copy);

/** Saves a copy of the whole studio, and opens one in its place; what was there before can always be opened again. */
export function CopiesCard() {
  const id = useId();
  const kept = useSuspenseQuery({
    queryKey: ['copies'],
    queryFn: () => take(api.GET('/api/studio/copies')),
  }).data;
  const opening = useMutation({
    meta: { form: true },
    mutationFn: open,
    onSuccess: rereadAll,
  });
  const error = opening.error instanceof Problem ? opening.error.errors[0] : undefined;
  return (
    <Card title="Copies">
      <p className="text-note text-soft">
        A copy is the whole studio in one file, as it is now. You can keep working while it is saved. Keep the file on
        another disk.
      </p>
      <div className="flex flex-wrap gap-2">
        <a
          href="/api/studio/copy"
          download
          className="inline-flex min-h-9 items-center rounded-small border border-line bg-paper px-3 font-semibold hover:border-verdigris"
        >
          Save a copy
        </a>
        <label
          htmlFor={id}
          className="inline-flex min-h-9 cursor-pointer items-center rounded-small border border-line bg-paper px-3 font-semibold focus-within:outline-2 focus-within:outline-verdigris hover:border-verdigris"
        >
          Open a copy
          <input
            id={id}
            type="file"
            accept=".db"
            className="sr-only"
            disabled={opening.isPending}
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = '';
              if (file) opening.mutate(file);
            }}
          />
        </label>
      </div>
      {opening.isPending && <p role="status">Checking the file, then opening it …</p>}
      {opening.data && (
        <div role="status" className="flex flex-wrap items-baseline gap-2">
          <span>Opened. The studio as it was before is kept as a copy.</span>
          <Button onClick={() => opening.mutate(opening.data.before)}>Restore the old studio</Button>
        </div>
      )}
      {opening.error && (
        <p role="alert" className="text-madder">
          {error ? `${error.found} ${error.fix}` : opening.error.message}
        </p>
      )}
      {kept.length > 0 && (
        <>
          <h3 className="pt-1">Studios kept before a copy was opened</h3>
          <ul aria-label="Saved copies" className="flex flex-col gap-1">
            {kept.map((copy) => (
              <li key={copy.name} className="flex items-baseline justify-between gap-2">
                <span>
                  {dayName(copy.savedAt)} {clock(copy.savedAt)}{' '}
                  <span className="text-note text-soft">{plain(Math.ceil(copy.bytes / 1024 / 102.4) / 10)} MB</span>
                </span>
                <Button
                  kind="quiet"
                  aria-label={`Open the copy of ${dayName(copy.savedAt)} ${clock(copy.savedAt)}`}
                  disabled={opening.isPending}
                  onClick={() => opening.mutate(copy.name)}
                >
                  Open
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </Card>
  );
}
