import { Problem } from '../server/client';

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

/** What of a form was refused, line by line. */
export function RefusedNote({ error }: { error: Error | null }) {
  if (!(error instanceof Problem)) return null;
  const lines = error.errors.length === 0 ? [error.message] : error.errors.map((e) => e.message);
  return (
    <div role="alert" className="rounded-card border border-madder bg-madder-tint px-3 py-2 text-madder">
      {lines.map((line) => (
        <p key={line}>{line}</p>
      ))}
    </div>
  );
}
