import { Suspense } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { Button } from '../../controls/button';
import { Empty } from '../../controls/empty';
import { Place } from '../../controls/place';
import { Swatch } from '../../controls/swatch';
import { useMixes, useShelf } from '../../server/use-studio';
import { usePlain } from '../beginning/use-beginning';
import { MixPair } from './mix-pair';
import { MixesTabs } from './mixes-tabs';
import { useMixActs } from './use-mix';

/** The shelf of mixes as half-moon swatches, and the one that is open. */
export function MixesPlace() {
  const { id } = useParams();
  const mixes = useMixes();
  const { clays } = useShelf();
  const { add, remove } = useMixActs();
  const plain = usePlain();
  const go = useNavigate();
  const first = clays[0];
  const open = mixes.find((m) => m.id === Number(id)) ?? mixes[0];
  const begin = (
    <Button
      kind="main"
      onClick={() =>
        // The empty place that this button stood in may be gone by then: a promise outlives it, a callback does not.
        void (
          first
            ? add.mutateAsync({ name: 'New mix', parts: [{ clayId: first.id, parts: 1 }] })
            : plain.mix.mutateAsync()
        ).then((added) => go(`/mixes/${added.id}`))
      }
    >
      New mix
    </Button>
  );
  const taking = open && (
    <Button onClick={() => remove.mutate(open, { onSuccess: () => void go('/mixes') })}>Remove {open.mix.name}</Button>
  );
  return (
    <Place
      title="Mixes"
      {...(open ? { name: open.mix.name } : {})}
      about={<MixesTabs />}
      actions={
        mixes.length > 0 && (
          <>
            {taking}
            {begin}
          </>
        )
      }
    >
      {open ? (
        <>
          <ul className="grid max-h-40 shrink-0 grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))] gap-1.5 overflow-y-auto">
            {[...mixes]
              .sort((a, b) => Number(a.mix.retired) - Number(b.mix.retired))
              .map((m) => (
                <li key={m.id}>
                  <Link
                    to={`/mixes/${m.id}`}
                    aria-current={m.id === open.id ? 'page' : undefined}
                    className="flex min-h-11 items-center gap-2.5 rounded-small border border-line bg-paper px-2 aria-[current=page]:border-verdigris aria-[current=page]:bg-verdigris-tint aria-[current=page]:font-semibold"
                  >
                    <Swatch raw={m.measured.rawHex} cured={m.measured.curedHex} size={30} />
                    <span className="truncate">{m.mix.name}</span>
                    {m.mix.retired && <span className="text-note text-soft">retired</span>}
                  </Link>
                </li>
              ))}
          </ul>
          <Suspense fallback={null}>
            <MixPair key={open.id} id={open.id} />
          </Suspense>
        </>
      ) : (
        <Empty title="No mixes yet" step={begin}>
          A mix is a recipe of the clays on your shelf. Fair Ember works out the grams of each clay, and the raw and
          cured colour to expect.
        </Empty>
      )}
    </Place>
  );
}
