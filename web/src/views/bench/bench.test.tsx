import { screen } from '@testing-library/react';
import type { Meal } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { useMeal } from '../../store/hooks.ts';
import { show, supper } from '../../test/render.tsx';
import { bench } from '../../words/en/bench.ts';
import { learn } from '../../words/words.ts';
import { LineEditor } from './mixture/LineEditor.tsx';
import { Contents } from './scale/Contents.tsx';
import { useBench } from './useBench.ts';
import { Route, Routes } from 'react-router';

learn(bench);

const meal = supper();

interface Wanted {
  readonly dish: string;
  readonly mixture: string;
  readonly line?: number;
}

/** What the bench shows of one mixture: its contents, and the line that is taken up. */
function OneMixture({ dish, mixture, line }: Wanted) {
  const now = useMeal();
  const where = now?.dishes.find(({ id }) => id === dish);
  const what = where?.mixtures.find(({ id }) => id === mixture);
  return now && where && what ? (
    <Shown meal={now} on={{ dish: where, mixture: what }} line={line} />
  ) : null;
}

type On = Pick<Parameters<typeof LineEditor>[0], 'dish' | 'mixture'>;

function Shown({ meal: now, on, line }: { meal: Meal; on: On; line: number | undefined }) {
  const at = useBench(now, on.dish, on.mixture);
  if (line === undefined)
    return <Contents meal={now} mixture={on.mixture} batch={at.batch} before={undefined} />;
  return <LineEditor {...at} index={line} before={undefined} onSelect={() => undefined} />;
}

function onBench(wanted: Wanted, of: Meal = meal) {
  const shown = show(
    <Routes>
      <Route path="/meal/:meal/bench" element={<OneMixture {...wanted} />} />
    </Routes>,
    { meals: [of], path: `/meal/${of.id}/bench` },
  );
  const mixtureNow = () =>
    shown
      .mealNow(of.id)
      ?.dishes.find(({ id }) => id === wanted.dish)
      ?.mixtures.find(({ id }) => id === wanted.mixture);
  return { ...shown, mixtureNow };
}

const field = (name: 'bench.inRecipe' | 'bench.inBatch') =>
  screen.getByRole('textbox', { name: bench[name] });

describe('what is in a mixture', () => {
  it('says to keep it cold where raw meat lies in it, and names who says so', () => {
    onBench({ dish: 'lamb', mixture: 'lime-paste' });
    expect(screen.getByText(bench['bench.keepCold'])).toBeTruthy();
    expect(screen.getByText(/USDA/)).toBeTruthy();
  });

  it('says nothing of raw meat where none lies in it', () => {
    onBench({ dish: 'beetroot', mixture: 'beet-pickle' });
    expect(screen.queryByText(bench['bench.keepCold'])).toBeNull();
  });
});

describe('a line taken up', () => {
  it('locked, stays at what the batch has of it now; unlocked, it grows again', async () => {
    const { mixtureNow, user } = onBench({ dish: 'lamb', mixture: 'lime-paste', line: 8 });
    await user.click(screen.getByRole('button', { name: bench['bench.lock'] }));
    expect(mixtureNow()?.lines[8]?.locked).toMatch(/^\d+(\.\d+)? g$/);
    await user.click(screen.getByRole('button', { name: bench['bench.unlock'] }));
    expect(mixtureNow()?.lines[8]?.locked).toBeUndefined();
    expect(mixtureNow()?.lines[8]?.amount).toBe('320 g');
  });

  it('does not take an amount it cannot read, and keeps what was typed', async () => {
    const { mixtureNow, user } = onBench({ dish: 'lamb', mixture: 'lime-paste', line: 8 });
    await user.clear(field('bench.inRecipe'));
    await user.type(field('bench.inRecipe'), 'a good dollop{Enter}');
    expect(screen.getByRole('alert').textContent).toMatch(/a good dollop/);
    expect((field('bench.inRecipe') as HTMLInputElement).value).toBe('a good dollop');
    expect(mixtureNow()?.lines[8]?.amount).toBe('320 g');
  });

  it('changed in the batch, is changed in the recipe by as much', async () => {
    const { mixtureNow, user } = onBench({ dish: 'lamb', mixture: 'lime-paste', line: 8 });
    const before = (field('bench.inBatch') as HTMLInputElement).value;
    const batchG = Number.parseFloat(before);
    expect(before).toMatch(/ g$/);
    await user.clear(field('bench.inBatch'));
    await user.type(field('bench.inBatch'), `${2 * batchG} g{Enter}`);
    const grams = Number.parseFloat(mixtureNow()?.lines[8]?.amount ?? '');
    expect(grams / 640).toBeCloseTo(1, 1);
  });

  it('at either end moves only inward', () => {
    onBench({ dish: 'lamb', mixture: 'lime-paste', line: 0 });
    expect(
      (screen.getByRole('button', { name: bench['bench.up'] }) as HTMLButtonElement).disabled,
    ).toBe(true);
    expect(
      (screen.getByRole('button', { name: bench['bench.down'] }) as HTMLButtonElement).disabled,
    ).toBe(false);
  });

  it('taken out, leaves the others as they were', async () => {
    const { mixtureNow, user } = onBench({ dish: 'lamb', mixture: 'lime-paste', line: 7 });
    await user.click(screen.getByRole('button', { name: /honey/i }));
    expect(mixtureNow()?.lines.map(({ ingredient }) => ingredient)).toEqual(
      meal.dishes[0]?.mixtures[0]?.lines
        .map(({ ingredient }) => ingredient)
        .filter((ingredient) => ingredient !== 'honey'),
    );
  });
});
