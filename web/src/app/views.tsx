import {
  BookOpen,
  CalendarClock,
  CookingPot,
  Flame,
  History,
  ListChecks,
  Scale,
  ThermometerSun,
  UtensilsCrossed,
  Waypoints,
  type LucideIcon,
} from 'lucide-react';
import { lazy, type ComponentType } from 'react';
import type { WordKey } from '../words/words.ts';

/** A key of a view's own, and what it does there. */
interface ViewKey {
  readonly keys: string;
  readonly does: WordKey;
}

/** A view: where it is, how one gets there, and what its letters do. */
interface ViewDefinition {
  readonly name: string;
  /** What its address takes besides the meal. */
  readonly path: string;
  readonly page: ComponentType;
  /** Its number; keys never change when views arrive. Left out, it is reached from others. */
  readonly key?: string;
  readonly icon?: LucideIcon;
  readonly label?: WordKey;
  readonly keys: readonly ViewKey[];
}

/** Every view, in the order of the work. Routes, rail, number keys and key sheet are made of it. */
const REGISTERED = [
  {
    name: 'meals',
    path: '/',
    key: '0',
    icon: CalendarClock,
    label: 'nav.meals',
    page: lazy(() => import('../views/meals/Meals.tsx')),
    keys: [{ keys: 'n', does: 'keys.meals' }],
  },
  {
    name: 'table',
    path: 'table',
    key: '1',
    icon: UtensilsCrossed,
    label: 'nav.table',
    page: lazy(() => import('../views/table/Table.tsx')),
    keys: [{ keys: 'n e', does: 'keys.table' }],
  },
  {
    name: 'bench',
    path: 'bench/:mixture?',
    key: '2',
    icon: Scale,
    label: 'nav.bench',
    page: lazy(() => import('../views/bench/Bench.tsx')),
    keys: [{ keys: 'w c m a', does: 'keys.bench' }],
  },
  {
    name: 'heat',
    path: 'heat/:food?',
    key: '3',
    icon: ThermometerSun,
    label: 'nav.heat',
    page: lazy(() => import('../views/heat/Heat.tsx')),
    keys: [{ keys: 'u', does: 'keys.heat' }],
  },
  {
    name: 'weave',
    path: 'weave/:step?',
    key: '4',
    icon: Waypoints,
    label: 'nav.weave',
    page: lazy(() => import('../views/weave/Weave.tsx')),
    keys: [
      { keys: 'm', does: 'keys.mend' },
      { keys: 'r', does: 'keys.rescue' },
      { keys: '← →', does: 'keys.move' },
    ],
  },
  {
    name: 'cook',
    path: 'cook',
    key: '5',
    icon: Flame,
    label: 'nav.cook',
    page: lazy(() => import('../views/cook/Cook.tsx')),
    keys: [
      { keys: 'Space', does: 'keys.done' },
      { keys: 'n l', does: 'keys.late' },
      { keys: 'm t r', does: 'keys.tell' },
    ],
  },
  {
    name: 'safety',
    path: 'safety',
    page: lazy(() => import('../views/safety/Safety.tsx')),
    keys: [],
  },
  {
    name: 'lists',
    path: 'lists/:list?',
    key: '6',
    icon: ListChecks,
    label: 'nav.lists',
    page: lazy(() => import('../views/lists/Lists.tsx')),
    keys: [{ keys: 'p', does: 'keys.print' }],
  },
  {
    name: 'log',
    path: '/log/:run?',
    key: '7',
    icon: History,
    label: 'nav.log',
    page: lazy(() => import('../views/log/Log.tsx')),
    keys: [
      { keys: 's', does: 'keys.log' },
      { keys: 't x', does: 'keys.answer' },
    ],
  },
  {
    name: 'dishes',
    path: 'dishes/:dish?',
    key: '8',
    icon: BookOpen,
    label: 'nav.dishes',
    page: lazy(() => import('../views/dishes/Dishes.tsx')),
    keys: [{ keys: 'r a', does: 'keys.dishes' }],
  },
  {
    name: 'kitchen',
    path: 'kitchen',
    key: '9',
    icon: CookingPot,
    label: 'nav.kitchen',
    page: lazy(() => import('../views/kitchen/Kitchen.tsx')),
    keys: [{ keys: 'n e', does: 'keys.kitchen' }],
  },
  {
    name: 'follow',
    path: '/follow',
    page: lazy(() => import('../views/follow/Follow.tsx')),
    keys: [],
  },
  {
    name: 'open',
    path: '/open',
    page: lazy(() => import('../views/follow/OpenLink.tsx')),
    keys: [],
  },
] as const satisfies readonly ViewDefinition[];

export const VIEWS: readonly ViewDefinition[] = REGISTERED;
/** A view one gets to by a number, and from the rail. */
export type NumberedView = Extract<(typeof REGISTERED)[number], { key: string }>;
export const NUMBERED: readonly NumberedView[] = REGISTERED.filter((view) => 'key' in view);
export type ViewName = NumberedView['name'];
