import { fireEvent, screen } from '@testing-library/react';
import { elasticAxis } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { planOf, showLive, supper } from '../../test/render.tsx';
import { weave } from '../../words/en/weave.ts';
import { learn } from '../../words/words.ts';
import { AtMoment } from './AtMoment.tsx';
import { MomentSlider } from './MomentSlider.tsx';

learn(weave);

const meal = supper();
const plan = planOf(meal);
const startOf = (id: string) => plan.steps.find((step) => step.id === id)?.startMin ?? NaN;

const look = (moment: number) => {
  let closed = 0;
  const shown = showLive(meal, (now) => (
    <AtMoment meal={now} plan={plan} moment={moment} onClose={() => closed++} />
  ));
  return { ...shown, closed: () => closed };
};

describe('what stands where', () => {
  it('lists every food that is under way, and none that is not begun', () => {
    look(startOf('lamb-temper') + 20);
    const said = screen.getAllByRole('listitem').map(({ textContent }) => textContent ?? '');
    expect(said.some((text) => /lamb shoulder.*counter 20°, for 20 min.*raw/.test(text))).toBe(
      true,
    );
    expect(said.some((text) => /duck legs.*fridge 4°.*in its brine/.test(text))).toBe(true);
    expect(said.some((text) => /bread flour/.test(text))).toBe(false);
  });

  it('says of what is over a fire that it cooks', () => {
    look(startOf('lamb-smoke') + 60);
    expect(screen.getAllByText(/^cooking, middle about/).length).toBeGreaterThan(0);
  });

  it('says so when nothing is begun, and is put away', async () => {
    const { user, closed } = look(startOf('duck-rub') - 600);
    expect(screen.getByText(weave['weave.nothingYet'])).toBeTruthy();
    await user.click(screen.getByRole('button', { name: weave['weave.momentClose'] }));
    expect(closed()).toBe(1);
  });

  it('is picked on the axis, and told as a clock tells it', () => {
    const picked: number[] = [];
    const axis = elasticAxis([plan.servingMin - 600, plan.servingMin]);
    showLive(meal, (now) => (
      <MomentSlider
        meal={now}
        plan={plan}
        axis={axis}
        moment={plan.servingMin - 60}
        onMoment={(minute) => picked.push(minute)}
        className="moment-slider"
      />
    ));
    const slider = screen.getByRole('slider', { name: weave['weave.moment'] });
    expect(slider.getAttribute('aria-valuetext')).toMatch(/18:00/);
    fireEvent.change(slider, { target: { value: '300' } });
    expect(picked).toEqual([plan.servingMin - 300]);
  });
});
