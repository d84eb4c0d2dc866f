// A person who works through the balancer and does not let go: what was not answered is asked again.

/** Answers that say "nothing was changed, try again": the balancer has no server, or the database is away. */
const PASSING = new Set([429, 502, 503, 504]);
const AGAIN_MS = 150;
/** Longer than any take-over; beyond it something is wrong. */
const PATIENCE_MS = 90_000;

/** What came back that nobody should ever see. */
export const shown = [];

export class Client {
  cookie = '';
  /** Times of answers that came only after being asked again. */
  gaps = [];

  constructor(address, name) {
    this.address = address;
    this.name = name;
  }

  /** One request, asked again until it is answered. */
  async ask(method, path, body, accept = []) {
    const begun = Date.now();
    let tries = 0;
    for (;;) {
      tries++;
      let response;
      let text;
      try {
        response = await fetch(`${this.address}/api${path}`, {
          method,
          headers: {
            ...(this.cookie ? { cookie: this.cookie } : {}),
            ...(body === undefined ? {} : { 'content-type': 'application/json' }),
          },
          ...(body === undefined ? {} : { body: JSON.stringify(body) }),
          signal: AbortSignal.timeout(15_000),
        });
        text = await response.text();
      } catch {
        response = undefined;
      }
      if (response && !PASSING.has(response.status)) {
        const set = response.headers.get('set-cookie');
        if (set) this.cookie = set.split(';')[0];
        if (!response.ok && !accept.includes(response.status))
          shown.push(`${method} ${path}: ${response.status} ${text.slice(0, 160)}`);
        if (tries > 1) this.gaps.push(Date.now() - begun);
        return {
          status: response.status,
          tries,
          body:
            text && response.headers.get('content-type')?.includes('json')
              ? JSON.parse(text)
              : text,
        };
      }
      if (Date.now() - begun > PATIENCE_MS) {
        shown.push(`${method} ${path}: no answer for ${PATIENCE_MS / 1000} s`);
        return { status: 0, tries, body: undefined };
      }
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    }
  }

  async signIn() {
    const { body } = await this.ask('GET', '/session');
    const person = body.demoPeople.find(({ name }) => name === this.name);
    await this.ask('POST', '/session/demo', { personId: person.id });
  }
}

/** Hears a project's stream, over lost connections, by its place in the feed. */
export class Ear {
  heard = [];
  resets = 0;
  connections = 0;
  place;
  ended = false;

  constructor(client, projectId) {
    this.client = client;
    this.projectId = projectId;
    this.running = this.run();
  }

  async run() {
    while (!this.ended) {
      this.abort = new AbortController();
      try {
        const response = await fetch(
          `${this.client.address}/api/projects/${this.projectId}/stream`,
          {
            headers: {
              cookie: this.client.cookie,
              ...(this.place ? { 'last-event-id': this.place } : {}),
            },
            signal: this.abort.signal,
          },
        );
        if (response.status === 200) {
          this.connections++;
          await this.read(response.body);
        } else await response.body?.cancel();
      } catch {
        // A connection that was lost is taken up again where it stopped.
      }
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }

  async read(body) {
    let text = '';
    for await (const chunk of body) {
      text += Buffer.from(chunk).toString('utf8');
      for (let end; (end = text.indexOf('\n\n')) >= 0; text = text.slice(end + 2)) {
        const lines = text.slice(0, end).split('\n');
        const field = (name) =>
          lines.find((line) => line.startsWith(`${name}: `))?.slice(name.length + 2);
        const id = field('id');
        if (id) this.place = id;
        if (field('event') === 'reset') this.resets++;
        else if (field('data') && field('data') !== '{}')
          this.heard.push(JSON.parse(field('data')).seq);
      }
    }
  }

  async end() {
    this.ended = true;
    this.abort?.abort();
    await this.running;
  }
}
