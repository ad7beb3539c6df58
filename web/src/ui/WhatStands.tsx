import {
  APPLIANCE_KINDS,
  freshId,
  PLACES,
  placeNamed,
  usualAppliance,
  type ApplianceKind,
  type Meal,
} from '@zemrin/core';
import { useState } from 'react';
import { useEdit } from '../store/useEdit.ts';
import { useWords } from '../words/words.ts';
import { Drawn, FLOOR, widthOf } from './Drawn.tsx';

/** From the cold to the fire outside, as the kitchen is drawn. */
const KINDS = [...APPLIANCE_KINDS].sort((a, b) => {
  const outside = (kind: ApplianceKind) => (placeNamed(kind).room === 'outside' ? 1 : 0);
  return outside(a) - outside(b) || PLACES.indexOf(a) - PLACES.indexOf(b);
});

/**
 * Asked once, before the first dish: what stands in this kitchen. Touched by its picture; what was
 * measured of it before stays.
 */
export function WhatStands({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const { kitchen } = meal;
  const [there, setThere] = useState<ReadonlySet<ApplianceKind>>(
    // Every kitchen has one, said or not.
    new Set([...kitchen.appliances.map(({ kind }) => kind), 'fridge']),
  );
  const touch = (kind: ApplianceKind) => {
    const next = new Set(there);
    if (!next.delete(kind)) next.add(kind);
    setThere(next);
  };
  const done = () => {
    const kept = kitchen.appliances.filter(({ kind }) => there.has(kind));
    const known = new Set(kept.map(({ kind }) => kind));
    const ids = new Set(kept.map(({ id }) => id));
    const added = KINDS.filter((kind) => there.has(kind) && !known.has(kind)).map((kind) => {
      // What was an oven once and is a slow cooker now keeps its id.
      const id = freshId(kind, ids);
      ids.add(id);
      return { ...usualAppliance(kind, t(`place.${kind}`)), id };
    });
    edit({
      do: 'setKitchen',
      kitchen: { ...kitchen, appliances: [...kept, ...added], asked: true },
    });
  };
  return (
    <section className="border-b border-line px-4 py-5 md:px-7" aria-labelledby="what-stands">
      <h2 id="what-stands" className="text-xl">
        {t('stands.title')}
      </h2>
      <p className="text-muted">{t('stands.more')}</p>
      <ul className="mt-3 grid grid-cols-3 gap-2 sm:grid-cols-4 xl:grid-cols-6">
        {KINDS.map((kind) => (
          <li key={kind}>
            <Picture kind={kind} pressed={there.has(kind)} onTouch={() => touch(kind)} />
          </li>
        ))}
      </ul>
      <button type="button" className="btn btn-main mt-3" onClick={done}>
        {t('stands.done')}
      </button>
    </section>
  );
}

/** Room around the widest of them. */
const WIDE = 140;

function Picture(props: { kind: ApplianceKind; pressed: boolean; onTouch: () => void }) {
  const t = useWords();
  const { kind, pressed, onTouch } = props;
  const name = t(`place.${kind}`);
  return (
    <button
      type="button"
      aria-pressed={pressed}
      aria-label={name}
      onClick={onTouch}
      className={`flex min-h-[56px] w-full flex-col items-center rounded-md border-2 px-2 pt-1 pb-2 ${
        pressed ? 'border-[var(--ink)] bg-panel' : 'border-line text-muted'
      }`}
    >
      <svg
        viewBox={`0 40 ${WIDE} ${FLOOR - 36}`}
        className={`h-[84px] ${pressed ? '' : 'opacity-40'}`}
        aria-hidden="true"
      >
        <Drawn appliance={usualAppliance(kind, name)} x={(WIDE - widthOf(kind)) / 2} />
      </svg>
      <span className={pressed ? 'font-semibold' : ''}>{name}</span>
    </button>
  );
}
