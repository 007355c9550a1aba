import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../controls/button';
import { Swatch } from '../../controls/swatch';
import { api, take } from '../../server/client';
import { percent, plain } from '../../words/figures';
import { lookWords } from '../mixes/looks';

/** What a clay is used in, and what comes nearest to it: asked for at once when it is not sold any more. */
export function StandIns({ clayId, sold }: { clayId: number; sold: boolean }) {
  const [opened, setOpened] = useState(false);
  const open = opened || !sold;
  const { data } = useQuery({
    queryKey: ['stand-ins', clayId],
    queryFn: () => take(api.GET('/api/finds/stand-ins', { params: { query: { clayId } } })),
    enabled: open,
  });
  return (
    <section aria-label="Possible substitutes" className="border-t border-line pt-2">
      {sold && (
        <Button kind="quiet" aria-expanded={open} onClick={() => setOpened(!opened)}>
          Used in, and possible substitutes
        </Button>
      )}
      {!sold && <h3 className="font-semibold text-straw">◦ No longer sold</h3>}
      {open && data && (
        <>
          <p className="text-note">
            {data.usedIn.length === 0 && 'No mix uses this clay. '}
            {data.usedIn.length > 0 && 'Used in '}
            {data.usedIn.map((u, i) => (
              <span key={u.mixId}>
                {i > 0 && ', '}
                <Link to={`/mixes/${u.mixId}`} className="underline decoration-dotted underline-offset-4">
                  {u.name}
                </Link>{' '}
                ({percent(u.percent)} %)
              </span>
            ))}
          </p>
          {data.recipes.length === 0 && (
            <p className="text-note text-straw">No other clay on the shelf has this look.</p>
          )}
          <ul className="mt-1 flex flex-col">
            {data.recipes.map((r) => (
              <li key={r.parts.map((p) => `${p.parts} ${p.name}`).join()} className="flex items-center gap-2 py-0.5">
                <Swatch raw={r.rawHex} cured={r.curedHex} size={22} />
                <span className="flex-1 text-note">
                  {r.parts.length === 1 ? r.parts[0]?.name : r.parts.map((p) => `${p.parts} ${p.name}`).join(' : ')}
                </span>
                <span className="text-note text-soft">
                  difference <b className="figure text-ink">{plain(Math.round(r.difference * 10) / 10)}</b>, {r.differs}
                  , {lookWords(r)}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
