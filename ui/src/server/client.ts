import createClient from 'openapi-fetch';
import { followed } from './changes';
import { mayBeGone } from './connection';
import { askingHeader } from './maker';
import { inStudiosUnits } from '../words/sentences';
import type { paths } from './schema';

/**
 * The server's API, typed from its description. A change is sent even when the tab is closed in the meantime; the answer to it
 * comes when the pages show what it changed.
 */
export const api = createClient<paths>({
  fetch: async (request) => {
    Object.entries(askingHeader()).forEach(([name, value]) => request.headers.set(name, value));
    const { method, url } = request;
    const send = () => fetch(request, { keepalive: method !== 'GET' });
    const { response, shown } = await followed(new URL(url).pathname, method, send);
    await shown;
    return response;
  },
});

/** One wrong field: where it stands, what was found, what is allowed, what to do. */
export interface InputError {
  field: string;
  found: string;
  allowed: string;
  fix: string;
  message: string;
}

/** What the server answers when it does not do what was asked. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
    readonly errors: InputError[],
    /** The thing as it is now, where somebody else was quicker. */
    readonly current: unknown = null,
  ) {
    super(detail);
  }
}

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

interface ProblemDetails {
  title?: string;
  detail?: string;
  errors?: InputError[];
  current?: unknown;
}

function problem(status: number, given: unknown): Problem {
  const details = (typeof given === 'object' && given !== null ? given : {}) as ProblemDetails;
  return new Problem(
    status,
    details.title ?? 'Not done',
    details.detail ?? 'This could not be done; nothing was changed.',
    details.errors ?? [],
    details.current,
  );
}

/** What an answer says that did not do what was asked. */
export async function problemOf(response: Response): Promise<Problem> {
  return problem(response.status, await response.json().catch(() => null));
}

/** The data of an answer, or a Problem thrown. */
export async function take<T>(answer: Promise<Answer<T>>): Promise<T> {
  let answered: Answer<T>;
  try {
    answered = await answer;
  } catch {
    void mayBeGone();
    throw new Problem(0, 'No answer', 'Fair Ember is not responding. What was saved is kept; start it again.', []);
  }
  if (!answered.response.ok) throw problem(answered.response.status, inStudiosUnits(answered.error));
  return inStudiosUnits(answered.data) as T;
}

/** The wrong fields of a failure; none when it was of another kind. */
const none: InputError[] = [];

export function errorsOf(failure: unknown): InputError[] {
  return failure instanceof Problem ? failure.errors : none;
}

/** Sends a file as it is; too large for what may be sent on when the tab is closed. */
export async function sendFile<T>(path: string, file: File): Promise<T> {
  return take<T>(
    fetch(path, {
      method: 'POST',
      body: file,
      headers: { 'Content-Type': 'application/octet-stream', ...askingHeader() },
    }).then(async (response): Promise<Answer<T>> => {
      const body: unknown = await response.json();
      return response.ok ? { data: body as T, response } : { error: body, response };
    }),
  );
}

/** One edition of a thing that is kept. */
export interface Edition {
  id: number;
  edition: number;
}
