import { useMutationState } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../server/client';

/** What the last thing that was done ran into, until something else is done or it is put away. */
export function TroubleStrip() {
  const [putAway, setPutAway] = useState(0);
  const done = useMutationState({
    select: ({ state, meta }) => ({
      at: state.submittedAt,
      error: state.status === 'error' ? state.error : null,
      form: meta?.form === true,
    }),
  });
  const last = done.reduce<(typeof done)[number] | null>((a, b) => (a && a.at >= b.at ? a : b), null);
  const problem = last?.error instanceof Problem ? last.error : null;
  const atField = last?.form === true && problem !== null && problem.errors.length > 0;
  if (!last || !problem || atField || last.at <= putAway) return null;
  return (
    <div role="alert" className="flex items-center gap-4 border-t border-madder bg-madder-tint px-5 py-1.5 text-madder">
      <p>
        <span className="font-semibold">{problem.title}. </span>
        {problem.message}
      </p>
      <button
        type="button"
        aria-label="Close this message"
        className="ml-auto size-9 rounded-small"
        onClick={() => setPutAway(last.at)}
      >
        ✕
      </button>
    </div>
  );
}
