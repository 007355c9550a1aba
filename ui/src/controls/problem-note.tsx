import type { Problem } from '../server/client';

/** What happened, what was kept, what to do. */
export function ProblemNote({ problem }: { problem: Problem | null }) {
  if (!problem) return null;
  return (
    <p role="alert" className="rounded-card border border-madder bg-madder-tint px-3 py-2 text-madder">
      <span className="font-semibold">{problem.title}. </span>
      {problem.message}
    </p>
  );
}
