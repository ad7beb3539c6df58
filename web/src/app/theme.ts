const KEY = 'zemrin-theme';
type Theme = 'light' | 'dark';

/** The theme the cook chose, or the one the machine asks for. */
function currentTheme(): Theme {
  const chosen = localStorage.getItem(KEY);
  if (chosen === 'light' || chosen === 'dark') return chosen;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

export function applyTheme(): void {
  document.documentElement.dataset.theme = currentTheme();
}

export function toggleTheme(): void {
  localStorage.setItem(KEY, currentTheme() === 'dark' ? 'light' : 'dark');
  applyTheme();
}
