import { NUMBERED, type ViewName } from './views.tsx';

/** The address of a view; every view but Meals and Log belongs to a meal. */
export function addressOf(view: ViewName, meal: string | undefined): string {
  if (view === 'log') return '/log';
  if (view === 'meals' || meal === undefined) return '/';
  return `/meal/${meal}/${view}`;
}

/** The meal and the view of an address. */
export function readAddress(path: string): {
  view: ViewName | 'other';
  meal: string | undefined;
} {
  const [, root, meal, name] = path.split('/');
  const view = NUMBERED.find((v) => v.name === name)?.name;
  if (root === 'meal' && meal) return { view: view ?? 'other', meal };
  return { view: root === 'log' ? 'log' : 'meals', meal: undefined };
}
