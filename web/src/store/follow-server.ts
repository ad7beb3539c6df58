import { z } from 'zod';

const RunsSchema = z.object({ runs: z.array(z.object({ id: z.string(), title: z.string() })) });
export type SharedRun = z.infer<typeof RunsSchema>['runs'][number];

const ToldSchema = z.object({
  paired: z.boolean(),
  /** Told to the machine the server runs on only. */
  code: z.string().optional(),
  addresses: z.array(z.string()).optional(),
});
export type Told = z.infer<typeof ToldSchema>;

/** What the server says of the follow-along; undefined where it offers none. */
export async function askServer(): Promise<Told | undefined> {
  try {
    const answer = await fetch('/relay');
    if (!answer.ok || !answer.headers.get('content-type')?.includes('json')) return undefined;
    return ToldSchema.parse(await answer.json());
  } catch {
    return undefined;
  }
}

/** Pairs this device. @throws Error with what the server says */
export async function pairWith(code: string): Promise<void> {
  await asked('/relay/pair', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ code }),
  });
}

/** The runs that are shared. @throws Error where this device is not paired */
export async function sharedRuns(): Promise<readonly SharedRun[]> {
  const answer = await asked('/relay/runs');
  return RunsSchema.parse(await answer.json()).runs;
}

/** The document of a run. @throws Error where it is not shared any more */
export async function runDocumentOf(id: string): Promise<unknown> {
  return (await asked(`/relay/runs/${encodeURIComponent(id)}`)).json();
}

/** Ends the sharing of a run for everyone; one that is gone already is. */
export async function endShared(id: string): Promise<void> {
  await fetch(`/relay/runs/${encodeURIComponent(id)}`, { method: 'DELETE' });
}

/** Puts a plan where calendars subscribe to it. @returns its address. @throws Error */
export async function putCalendar(meal: string, text: string): Promise<string> {
  const answer = await asked(`/relay/calendars/${encodeURIComponent(meal)}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ text }),
  });
  return z.object({ path: z.string() }).parse(await answer.json()).path;
}

const WrongSchema = z.object({ error: z.string() });

async function asked(path: string, how?: RequestInit): Promise<Response> {
  const answer = await fetch(path, how);
  if (answer.ok) return answer;
  const said = WrongSchema.safeParse(await answer.json().catch(() => undefined));
  throw new Error(said.success ? said.data.error : `The server answered ${answer.status}.`);
}
