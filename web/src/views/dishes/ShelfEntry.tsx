import type { Dish } from '@zemrin/core';
import { NavLink } from 'react-router';
import { MiniChain } from './MiniChain.tsx';

interface ShelfEntryProps {
  readonly to: string;
  readonly name: string;
  /** How long it takes, where that is known. */
  readonly takes?: string | undefined;
  readonly dish: Dish;
  readonly current: boolean;
}

/** A dish on the shelf: its name, and its chain in miniature. */
export function ShelfEntry({ to, name, takes, dish, current }: ShelfEntryProps) {
  return (
    <li>
      <NavLink
        to={to}
        aria-current={current ? 'page' : undefined}
        className={`block overflow-hidden rounded-lg px-2 py-1.5 ${current ? 'bg-panel' : 'hover:bg-soft'}`}
      >
        <span className="flex justify-between gap-2 text-[15px] leading-tight">
          <span>{name}</span>
          {takes !== undefined && (
            <span className="text-sm whitespace-nowrap text-muted">{takes}</span>
          )}
        </span>
        <MiniChain dish={dish} />
      </NavLink>
    </li>
  );
}
