import createClient, { type Middleware } from 'openapi-fetch';
import type { components, paths } from './schema';

/** The shapes that the server sends, by their names in the OpenAPI description. */
export type Api = components['schemas'];

/** A request that the server refused; the message is a sentence for the student. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly body: Record<string, unknown>,
  ) {
    super(message);
  }
}

const OTHERWISE = 'This did not work. Check the network and try once more.';

export function cookie(name: string): string {
  const found = document.cookie.split('; ').find((one) => one.startsWith(`${name}=`));
  return found ? decodeURIComponent(found.slice(name.length + 1)) : '';
}

const csrf: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN'));
    return request;
  },
};

export const api = createClient<paths>();
api.use(csrf);

type Answer<T> = { data?: T; error?: unknown; response: Response };

/** The body of an answer, or a Problem with the server's own words. */
export async function unwrap<T>(answer: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await answer;
  if (response.ok) return data as T;
  throw problem(response.status, error);
}

export function problem(status: number, body: unknown): Problem {
  const fields = typeof body === 'object' && body !== null ? (body as Record<string, unknown>) : {};
  return new Problem(status, typeof fields.detail === 'string' ? fields.detail : OTHERWISE, fields);
}

/** Sends a file to be read as typed text; nothing of it is kept there. */
export const readFileText = (file: File): Promise<Api['FileTextView']> =>
  readFile('/api/text-from-file', file);

/** Reads captions as spoken lines. */
export const readFileLines = (file: File): Promise<Api['SpokenLineView'][]> =>
  readFile('/api/spoken-lines-from-file', file);

/** Sends an InkML file to be read as a drawing; nothing of it is kept there. */
export const readFileInk = (file: File): Promise<Api['InkFileView']> => readFile('/api/ink-from-file', file);

const readFile = <T>(path: string, file: File): Promise<T> =>
  sendForm('POST', path, { blob: file, name: file.name });

/** Sends a file as a form, the way that browsers send files. */
export async function sendForm<T>(
  method: 'POST' | 'PUT',
  path: string,
  { blob, name }: { blob: Blob; name: string },
  headers: Record<string, string> = {},
): Promise<T> {
  const body = new FormData();
  body.append('file', blob, name);
  const response = await fetch(path, {
    method,
    body,
    headers: { 'X-XSRF-TOKEN': cookie('XSRF-TOKEN'), ...headers },
  });
  const answer = await response.json().catch(() => ({}));
  if (!response.ok) throw problem(response.status, answer);
  return answer;
}

/** Sends something that was kept on the device as a request. */
export const sendAct = ({
  method,
  path,
  body,
}: {
  method: 'PUT' | 'POST' | 'PATCH' | 'DELETE';
  path: string;
  body?: unknown;
}) => unwrap((api[method] as unknown as Send)(path, { body }));

type Send = (path: string, init: { body?: unknown }) => Promise<Answer<unknown>>;
