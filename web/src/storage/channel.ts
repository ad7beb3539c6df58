/** Tells other windows which meal was just written, and hears it of them. */
export interface Channel {
  readonly say: (meal: string) => void;
  readonly hear: (heard: (meal: string) => void) => void;
}

/** The browser's own channel; where there is none, nobody is told, and nothing is heard. */
export function openChannel(name = 'zemrin'): Channel {
  try {
    const channel = new BroadcastChannel(name);
    return {
      say: (meal) => channel.postMessage(meal),
      hear: (heard) => {
        channel.onmessage = ({ data }: MessageEvent<unknown>) => {
          if (typeof data === 'string') heard(data);
        };
      },
    };
  } catch {
    return { say: () => undefined, hear: () => undefined };
  }
}
