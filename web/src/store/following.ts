import { runDocument, RunEventSchema, type RunEvent } from '@zemrin/core';
import { own } from './own.ts';
import { setSkewMs } from './run-clock.ts';
import { happened, heardElsewhere, linkIs, runBegun, shareSet } from './runs.ts';
import { startListening, store } from './store.ts';

/** A link that was lost is tried again after so long, milliseconds. */
const AGAIN_MS = 4000;
/** So many events are sent at once. */
const AT_ONCE = 200;

/** What the server answers of a run whose sharing was ended. */
const ENDED = 410;

const links = new Map<string, Link>();

/** Shares runs with other devices through the relay, from now on; those that are shared already too. */
export function listenForFollowing(): void {
  const look = (id: string, again = false) => {
    const shared = own(store.getState().runs.runs, id)?.shared === true;
    if (shared && !links.has(id)) links.set(id, new Link(id, again));
    if (!shared) {
      links.get(id)?.close();
      links.delete(id);
    }
  };
  startListening({ actionCreator: shareSet, effect: ({ payload }) => look(payload.run, true) });
  startListening({ actionCreator: runBegun, effect: ({ payload }) => look(payload.run.id) });
  startListening({
    actionCreator: happened,
    effect: ({ payload }) => void links.get(payload.run)?.send(),
  });
  for (const id of Object.keys(store.getState().runs.runs)) look(id);
}

/** The way of one run to the relay and back. Events are a union: nothing can be in conflict. */
class Link {
  /** What the relay is known to have. */
  private readonly there = new Set<string>();
  private source: EventSource | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending = false;
  private closed = false;

  /** @param again the cook has just said so: what was ended is shared once more */
  constructor(
    private readonly id: string,
    private again: boolean,
  ) {
    void this.open();
  }

  close(): void {
    this.closed = true;
    clearTimeout(this.timer);
    this.source?.close();
  }

  /** Sends what the relay has not; what does not go is sent when the link is there again. */
  async send(): Promise<void> {
    if (this.sending || this.source?.readyState !== EventSource.OPEN) return;
    this.sending = true;
    try {
      for (;;) {
        const events = this.events().filter(({ id }) => !this.there.has(id));
        const some = events.slice(0, AT_ONCE);
        if (some.length === 0 || this.closed) return;
        const answer = await this.ask('POST', '/events', { events: some });
        if (!answer.ok) return this.lost();
        for (const { id } of some) this.there.add(id);
      }
    } catch {
      this.lost();
    } finally {
      this.sending = false;
    }
  }

  private events(): readonly RunEvent[] {
    return own(store.getState().runs.runs, this.id)?.run.events ?? [];
  }

  /** The run is put there where it is not, and listened to from its beginning. */
  private async open(): Promise<void> {
    const kept = own(store.getState().runs.runs, this.id);
    if (!kept || this.closed) return;
    try {
      const asked = await fetch('/relay');
      const { paired, nowMs } = readTold(await asked.json());
      if (!paired) return this.lost('unpaired');
      setSkewMs(nowMs - Date.now());
      const document = { ...runDocument(kept.run), rehearsal: kept.rehearsal };
      const answer = await this.ask('PUT', this.again ? '?again=1' : '', document);
      // Ended where it is cooked: this device goes on by itself.
      if (answer.status === ENDED) {
        store.dispatch(shareSet({ run: this.id, shared: false }));
        return;
      }
      if (!answer.ok) return this.lost();
      this.again = false;
      if (!this.closed) this.listen();
    } catch {
      this.lost();
    }
  }

  private listen(): void {
    const source = new EventSource(`/relay/runs/${this.id}/events`);
    this.source = source;
    source.onopen = () => {
      store.dispatch(linkIs({ run: this.id, link: 'linked' }));
      void this.send();
    };
    source.onerror = () => {
      store.dispatch(linkIs({ run: this.id, link: 'lost' }));
      // It tries again by itself, unless the server has forgotten the run.
      if (source.readyState === EventSource.CLOSED) this.lost();
    };
    source.addEventListener('happened', ({ data }: MessageEvent<string>) => {
      const parsed = RunEventSchema.safeParse(JSON.parse(data));
      if (!parsed.success) return;
      this.there.add(parsed.data.id);
      if (this.events().some(({ id }) => id === parsed.data.id)) return;
      store.dispatch(heardElsewhere({ run: this.id, events: [parsed.data] }));
    });
  }

  private lost(link: 'lost' | 'unpaired' = 'lost'): void {
    store.dispatch(linkIs({ run: this.id, link }));
    this.source?.close();
    this.there.clear();
    clearTimeout(this.timer);
    if (!this.closed) this.timer = setTimeout(() => void this.open(), AGAIN_MS);
  }

  private ask(method: 'PUT' | 'POST', path: string, body: unknown): Promise<Response> {
    return fetch(`/relay/runs/${this.id}${path}`, {
      method,
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  }
}

/** What the server says of itself. @throws SyntaxError where there is no follow-along */
function readTold(json: unknown): { paired: boolean; nowMs: number } {
  if (typeof json !== 'object' || json === null) throw new SyntaxError('no follow-along');
  const paired = 'paired' in json && json.paired === true;
  const nowMs = 'nowMs' in json && typeof json.nowMs === 'number' ? json.nowMs : Date.now();
  return { paired, nowMs };
}
