/** The views in their order, with the number key of each. Keys never change when views arrive. */
export const VIEWS = [
  { name: 'meals', key: '0' },
  { name: 'table', key: '1' },
  { name: 'bench', key: '2' },
  { name: 'heat', key: '3' },
  { name: 'weave', key: '4' },
  { name: 'lists', key: '6' },
  { name: 'dishes', key: '8' },
  { name: 'kitchen', key: '9' },
] as const;

export type ViewName = (typeof VIEWS)[number]['name'];

/** The address of a view; every view but Meals belongs to a meal. */
export function addressOf(view: ViewName, meal: string | undefined): string {
  if (view === 'meals' || meal === undefined) return '/';
  return `/meal/${meal}/${view}`;
}

/** The meal and the view of an address. */
export function readAddress(path: string): {
  view: ViewName | 'other';
  meal: string | undefined;
} {
  const [, root, meal, name] = path.split('/');
  const view = VIEWS.find((v) => v.name === name)?.name;
  return root === 'meal' && meal
    ? { view: view ?? 'other', meal }
    : { view: 'meals', meal: undefined };
}
