/** The one client of our own API. A refusal becomes an ApiProblem in the user's words; no answer at all becomes an Unreachable. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly more: { errors?: { field: string; message: string }[] } & Record<string, unknown>,
  ) {
    super(title);
  }
  /** The message of a field, by its last name. */
  of(field: string): string | undefined {
    return this.more.errors?.find((entry) => entry.field === field || entry.field.endsWith(`.${field}`))?.message;
  }
}
export class Unreachable extends Error {
  constructor() {
    super('There is no connection just now.');
  }
}

interface Options {
  readonly body?: unknown;
  readonly query?: Readonly<Record<string, string | number | undefined>>;
  /** Lets the request outlive the page. */
  readonly keepalive?: boolean;
  readonly signal?: AbortSignal;
}

export async function api<T>(method: 'GET' | 'POST' | 'PUT' | 'DELETE', path: string, options: Options = {}): Promise<T> {
  const search = new URLSearchParams(
    Object.entries(options.query ?? {}).flatMap(([key, value]) => (value === undefined || value === '' ? [] : [[key, String(value)]])),
  );
  const url = `/api/v1${path}${search.size > 0 ? `?${search}` : ''}`;
  let response: Response;
  const limit = AbortSignal.timeout(15_000);
  try {
    const body = options.body === undefined ? undefined : JSON.stringify(options.body);
    response = await fetch(url, {
      method,
      credentials: 'same-origin',
      cache: 'no-store',
      signal: options.signal ?? limit,
      ...(body === undefined ? {} : { body, headers: { 'content-type': 'application/json' } }),
      // A browser refuses keepalive bodies above 64 KiB.
      ...(options.keepalive === true && (body?.length ?? 0) < 60_000 ? { keepalive: true } : {}),
    });
  } catch {
    throw new Unreachable();
  }
  const text = await response.text().catch(() => {
    throw new Unreachable();
  });
  let parsed: unknown;
  try {
    parsed = text === '' ? {} : JSON.parse(text);
  } catch {
    throw new Unreachable();
  }
  if (response.ok) return parsed as T;
  const problem = parsed as { title?: string };
  throw new ApiProblem(response.status, problem.title ?? 'Something went wrong.', problem as ApiProblem['more']);
}

/** Asks for a file by POST and hands it to the browser to keep. */
export async function download(path: string, body: unknown): Promise<void> {
  const response = await fetch(`/api/v1${path}`, {
    method: 'POST',
    credentials: 'same-origin',
    body: JSON.stringify(body),
    headers: { 'content-type': 'application/json' },
    signal: AbortSignal.timeout(60_000),
  }).catch(() => {
    throw new Unreachable();
  });
  if (!response.ok) {
    const problem = (await response.json().catch(() => ({}))) as { title?: string };
    throw new ApiProblem(response.status, problem.title ?? 'Something went wrong.', problem as ApiProblem['more']);
  }
  const link = document.createElement('a');
  link.href = URL.createObjectURL(await response.blob());
  link.download = /filename="([^"]+)"/.exec(response.headers.get('content-disposition') ?? '')?.[1] ?? 'file';
  link.click();
  URL.revokeObjectURL(link.href);
}
