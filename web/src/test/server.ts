/** A server that refuses a request, with its sentence. */
export class Refusal {
  constructor(
    readonly status: number,
    readonly detail: string,
  ) {}
}

export const refuse = (status: number, detail: string) => new Refusal(status, detail);

/** An answer that does not come while the test looks. */
export const never = () => new Promise(() => {});

/** The network is down. */
export const NO_NETWORK = Symbol('no network');

export type Asked = { what: string; body: unknown };

type Answer = unknown | ((body: unknown) => unknown);

/** Answers requests from a table of "METHOD /path" → body, Refusal, NO_NETWORK, or a function of what was sent. */
export class Server {
  readonly asked: Asked[] = [];

  constructor(readonly answers: Record<string, Answer>) {}

  async answer(request: Request): Promise<Response> {
    const { pathname, search } = new URL(request.url);
    const what = `${request.method} ${decodeURIComponent(pathname)}${search}`;
    const body = request.method === 'GET' ? undefined : await request.json().catch(() => undefined);
    this.asked.push({ what, body });
    const found = Object.entries(this.answers).find(([pattern]) => matches(pattern, what));
    if (!found) return json({ detail: `Nobody answers ${what}.` }, 404);
    const answer = await (typeof found[1] === 'function' ? found[1](body) : found[1]);
    if (answer === NO_NETWORK) throw new TypeError('Failed to fetch');
    return answer instanceof Refusal
      ? json({ detail: answer.detail }, answer.status)
      : json(answer ?? {}, 200);
  }

  /** What was sent by a method to paths that fit a pattern; a star stands for one part of a path. */
  sent(pattern: string): unknown[] {
    return this.asked.filter(({ what }) => matches(pattern, what)).map(({ body }) => body);
  }
}

const matches = (pattern: string, what: string) => {
  const [path = '', query] = what.split('?');
  const parts = pattern.split('*').map((part) => part.replace(/[.?]/g, '\\$&'));
  return new RegExp(`^${parts.join('[^/]+')}$`).test(pattern.includes('?') ? `${path}?${query}` : path);
};

const json = (body: unknown, status: number) =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } });

/** The server of the test that runs; `visit` puts its own here. */
export const server = { answer: (request: Request) => new Server({}).answer(request) };
