import { useQueryClient } from '@tanstack/react-query';
import { Link, useRouteError } from 'react-router';
import { Button } from '../controls/button';
import { Problem } from '../server/client';

/** Stands in for a place that could not be shown. */
export function Trouble() {
  const failure = useRouteError();
  const client = useQueryClient();
  const problem = failure instanceof Problem ? failure : null;
  return (
    <div className="flex h-dvh flex-col items-start justify-center gap-4 px-16" role="alert">
      <h1 className="text-title">{problem?.title ?? 'This page could not be shown'}</h1>
      <p className="max-w-xl">{problem?.message ?? 'Something in the page failed. Everything saved is kept.'}</p>
      <div className="flex gap-2">
        <Button
          kind="main"
          onClick={() => {
            client.clear();
            window.location.reload();
          }}
        >
          Try again
        </Button>
        <Link to="/bench" reloadDocument className="self-center text-verdigris underline">
          Go to the Bench
        </Link>
      </div>
    </div>
  );
}
