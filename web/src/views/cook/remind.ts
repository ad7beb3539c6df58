/** The ways a cook can be called. */
export type Reminder = 'sound' | 'voice' | 'notices';
export type Wanted = Readonly<Record<Reminder, boolean>>;

const KEY = 'zemrin-reminders';
const USUAL: Wanted = { sound: true, voice: false, notices: false };

/** What the cook chose last; a browser may forbid remembering it. */
export function recall(): Wanted {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? 'null');
    if (typeof kept !== 'object' || kept === null) return USUAL;
    const read = (name: Reminder) =>
      name in kept ? (kept as Record<string, unknown>)[name] === true : USUAL[name];
    return { sound: read('sound'), voice: read('voice'), notices: read('notices') };
  } catch {
    return USUAL;
  }
}

export function remember(wanted: Wanted): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(wanted));
  } catch {
    // Then it holds for this visit.
  }
}

const NOTES_HZ = [660, 880];
const NOTE_S = 0.22;
const LOUD = 0.18;

/** Two short notes; silence where the browser forbids sound before the first touch. */
export function chime(): void {
  try {
    const audio = new AudioContext();
    NOTES_HZ.forEach((hz, i) => {
      const note = audio.createOscillator();
      const volume = audio.createGain();
      const at = audio.currentTime + i * NOTE_S;
      note.frequency.value = hz;
      volume.gain.setValueAtTime(LOUD, at);
      volume.gain.exponentialRampToValueAtTime(0.001, at + NOTE_S);
      note.connect(volume).connect(audio.destination);
      note.start(at);
      note.stop(at + NOTE_S);
    });
    setTimeout(() => void audio.close(), 1000);
  } catch {
    // No sound here: the page says it anyway.
  }
}

/** Says it aloud, where the browser can. */
export function speak(text: string): void {
  if (!('speechSynthesis' in window)) return;
  speechSynthesis.speak(new SpeechSynthesisUtterance(text));
}

/** Asks once whether notices may be shown. */
export async function mayNotify(): Promise<boolean> {
  if (!('Notification' in window)) return false;
  if (Notification.permission === 'granted') return true;
  return (await Notification.requestPermission()) === 'granted';
}

export function showNotice(text: string): void {
  if (!('Notification' in window) || Notification.permission !== 'granted') return;
  try {
    new Notification(text);
  } catch {
    // Some phones show notices only from elsewhere.
  }
}
