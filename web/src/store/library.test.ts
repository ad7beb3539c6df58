import { patternDish, patternNamed, plainKitchen, type Command, type Meal } from '@zemrin/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { editAction, type Edit } from './edit.ts';
import { added, deleted, library, loaded, redone, undone, type LibraryState } from './library.ts';

function meal(id: string): Meal {
  return {
    zemrin: 'meal',
    version: 1,
    id,
    title: id,
    serving: { at: '2026-11-28T19:00', zone: 'Europe/Paris' },
    eaters: [{ count: 2, who: 'adult', portion: 1, avoids: [] }],
    kitchen: plainKitchen('k'),
    dishes: [],
  };
}

const start = library(undefined, loaded({ meals: [meal('a'), meal('b')], bin: [] }));

const browned = patternNamed('browned-stew');
if (!browned) throw new Error('no pattern');
const pot = patternDish(browned, { name: 'Stew' }, new Set());

const commands: Command[] = [
  { do: 'rename', title: 'Other' },
  { do: 'serveAt', at: '2026-11-29T19:00' },
  { do: 'addSeat', seat: { who: 'child', portion: 0.5, avoids: ['dairy'] } },
  { do: 'removeSeat', seat: 0 },
  { do: 'putDish', dish: pot, own: [] },
  { do: 'removeDish', dish: 'stew' },
];
/** What can be done to a library: an action, or a command on one of its meals. */
type Deed = ReturnType<typeof deleted> | ReturnType<typeof added> | Edit;

const deeds: Deed[] = [
  ...commands.flatMap((command) => ['a', 'b'].map((id) => ({ meal: id, command }))),
  deleted({ meal: 'a', nowMin: 5 }),
  added(meal('c')),
];

/** The library after one deed: what a command changes nothing of stays as it is. */
function done(state: LibraryState, deed: Deed): LibraryState {
  const action = 'command' in deed ? editAction(state, deed) : deed;
  return action ? library(state, action) : state;
}

const run = (state: LibraryState, steps: readonly Deed[]) =>
  steps.reduce<LibraryState>((s, deed) => done(s, deed), state);

describe('the library of meals', () => {
  it('undoes anything back to where it was, and does it again', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...deeds), { maxLength: 25 }), (steps) => {
        const after = run(start, steps);
        const count = after.past.length;
        let state = after;
        for (let i = 0; i < count; i++) state = library(state, undone());
        expect(state.meals).toEqual(start.meals);
        expect(state.past).toEqual([]);
        for (let i = 0; i < count; i++) state = library(state, redone());
        expect(state.meals).toEqual(after.meals);
        expect(library(state, redone())).toBe(state);
      }),
    );
  });

  it('undoes a whole drag at once', () => {
    const move = (beforeServeMin: number, gesture?: string): Edit => ({
      meal: 'a',
      command: { do: 'pinStep', step: 'stew-brown', beforeServeMin },
      gesture,
    });
    const stew = run(start, [{ meal: 'a', command: { do: 'putDish', dish: pot, own: [] } }]);
    const dragged = run(stew, [move(300, 'drag-1'), move(305, 'drag-1'), move(310, 'drag-1')]);
    expect(dragged.past.length).toBe(2);
    expect(library(dragged, undone()).meals).toEqual(stew.meals);
    expect(run(dragged, [move(320)]).past.length).toBe(3);
  });

  it('forgets what was undone once something new is done', () => {
    const rename: Edit = { meal: 'a', command: { do: 'rename', title: 'Other' } };
    const undoneOnce = library(run(start, [rename]), undone());
    expect(undoneOnce.future.length).toBe(1);
    expect(run(undoneOnce, [rename]).future).toEqual([]);
  });

  it('keeps a deleted meal in the bin until it is brought back', () => {
    const gone = library(start, deleted({ meal: 'a', nowMin: 5 }));
    expect(Object.keys(gone.meals)).toEqual(['b']);
    expect(gone.bin.map((binned) => binned.meal.id)).toEqual(['a']);
    const back = library(gone, added(meal('a')));
    expect(back.bin).toEqual([]);
    expect(library(gone, undone()).bin).toEqual([]);
  });

  it('leaves the state as it is when nothing changes', () => {
    expect(done(start, { meal: 'gone', command: { do: 'rename', title: 'X' } })).toBe(start);
    expect(library(start, undone())).toBe(start);
    expect(library(start, deleted({ meal: 'gone', nowMin: 0 }))).toBe(start);
  });
});
