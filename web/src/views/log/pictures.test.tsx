import { render, screen } from '@testing-library/react';
import { foldRun, runOf } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import martinmas from '../../../../demo/runs/martinmas-supper.json';
import { cook } from '../../words/en/cook.ts';
import { log } from '../../words/en/log.ts';
import { learn } from '../../words/words.ts';
import { Pictures } from './Pictures.tsx';

learn(cook);
learn(log);

const run = runOf(martinmas);
const pixel = 'data:image/gif;base64,R0lGODlhAQABAAAAACw=';

describe('the pictures of a run', () => {
  it('stand in their order with the hour and the step they were taken at', () => {
    const step = run.meal.dishes[0]?.steps[0];
    const pictured = { at: 'x', device: 'd', did: 'pictured', image: pixel } as const;
    const events = [
      ...run.events,
      { ...pictured, id: 'p1', atMin: run.startedMin + 10, step: step?.id },
      { ...pictured, id: 'p2', atMin: run.startedMin + 90 },
    ];
    const state = foldRun({ ...run, events: events as typeof run.events });
    render(
      <Pictures
        state={state}
        at={(min) => `${min - run.startedMin} min`}
        onSay={() => undefined}
      />,
    );
    const shown = screen.getAllByRole('img').map((image) => image.getAttribute('alt'));
    expect(shown).toEqual(['Picture taken at 10 min', 'Picture taken at 90 min']);
    expect(screen.getByText(new RegExp(`10 min, ${step?.label ?? '?'}`))).toBeTruthy();
  });

  it('can be added where there are none', () => {
    render(<Pictures state={foldRun(run)} at={String} onSay={() => undefined} />);
    expect(screen.queryAllByRole('img')).toEqual([]);
    expect(screen.getByLabelText('Add a picture')).toBeTruthy();
  });
});
