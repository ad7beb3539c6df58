const KEY = 'zemrin-theme';
type Theme = 'light' | 'dark';

/** What the cook chose; a browser may forbid remembering it. */
let chosen: string | null = remembered();

function remembered(): string | null {
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
}

/** The theme the cook chose, or the one the machine asks for. */
function currentTheme(): Theme {
  if (chosen === 'light' || chosen === 'dark') return chosen;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

export function applyTheme(): void {
  document.documentElement.dataset.theme = currentTheme();
}

export function toggleTheme(): void {
  chosen = currentTheme() === 'dark' ? 'light' : 'dark';
  try {
    localStorage.setItem(KEY, chosen);
  } catch {
    // Then it holds for this visit.
  }
  applyTheme();
}
