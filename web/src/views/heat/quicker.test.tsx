import { screen, within } from '@testing-library/react';
import { draftCook, type QuickerCook } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { one, show, supper } from '../../test/render.tsx';
import { heat } from '../../words/en/heat.ts';
import { learn } from '../../words/words.ts';
import { QuickerList } from './QuickerList.tsx';

learn(heat);

const meal = supper();
const lamb = one(meal.dishes, 'lamb');
const spec = draftCook(meal, lamb, one(lamb.foods, 'lamb-shoulder'));
if (!spec) throw new Error('no cook');

const way = (part: Partial<QuickerCook>): QuickerCook => ({
  ways: [{ do: 'hotter', byC: 20 }],
  spec,
  savedMin: 41,
  enough: true,
  tenderer: 0,
  drier: 0,
  crustC: 0,
  ...part,
});

describe('ways to be quicker', () => {
  it('say what each saves and what it costs the food', () => {
    show(
      <QuickerList
        found={[
          way({ tenderer: -0.1, drier: 0.03, crustC: 12 }),
          way({ ways: [{ do: 'halved' }, { do: 'wrapped' }], drier: -0.02, crustC: -8 }),
          way({ ways: [{ do: 'thinner' }], tenderer: 0.004, drier: 0.004, crustC: 2 }),
        ]}
      />,
    );
    const [hotter, two, thinner] = screen
      .getAllByRole('listitem')
      .map((item) => within(item).getByText(/./, { selector: '.text-muted' }).textContent);
    expect(hotter).toBe('less tender, 3 % drier, darker outside');
    expect(two).toBe('2 % juicier, paler outside');
    expect(thinner).toBe(heat['quicker.same']);
    expect(screen.getByText(`${heat['quicker.halved']}; ${heat['quicker.wrapped']}`)).toBeTruthy();
    expect(screen.queryByText(heat['quicker.notSo'])).toBe(null);
  });

  it('say so where nothing saves as much', () => {
    show(<QuickerList found={[way({ enough: false })]} />);
    expect(screen.getByText(heat['quicker.notSo'])).toBeTruthy();
  });

  it('say so where nothing saves at all', () => {
    show(<QuickerList found={[]} />);
    expect(screen.getByText(heat['quicker.none'])).toBeTruthy();
  });
});
