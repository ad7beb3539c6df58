import { showTemperature, showWeight, type Happening } from '@zemrin/core';
import { useWords } from '../../words/words.ts';
import { useCallWords } from './useCallWords.ts';
import type { RunOnPage } from './useRun.ts';

/** Everything that happened, in its order. */
export function EventList({ page }: { page: RunOnPage }) {
  const t = useWords();
  const words = useCallWords(page);
  const say = useEventWords(page);
  return (
    <section className="mt-8">
      <h2 className="text-lg text-muted">{t('cook.log')}</h2>
      <ol>
        {page.state.events.map((event) => (
          <li key={event.id} className="flex gap-4 border-b border-line py-1.5">
            <span className="min-w-[9ch] font-semibold">{words.at(event.atMin)}</span>
            <span>
              {say(event)}
              {event.did === 'pictured' && (
                <img
                  src={event.image}
                  alt={t('cook.pictureOf', { at: words.at(event.atMin) })}
                  className="mt-1 max-h-[320px] max-w-full rounded-lg"
                />
              )}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function useEventWords({ meal, kept }: RunOnPage): (event: Happening) => string {
  const t = useWords();
  const labels = new Map(
    [...kept.run.meal.dishes, ...meal.dishes].flatMap(({ steps }) =>
      steps.map(({ id, label }) => [id, label] as const),
    ),
  );
  return (event) => {
    const key = `cook.event.${event.did}` as const;
    switch (event.did) {
      case 'timed':
        return t(key, { what: event.label, minutes: event.minutes });
      case 'noted':
        return t(key, { what: event.text });
      case 'tasted':
        return t(key, { what: `${event.scale} ${event.value}` });
      case 'weighed':
        return t(key, { what: showWeight(event.weightG, meal.kitchen.units) });
      case 'changed':
        return t(key, { what: event.why });
      case 'dishServed':
        return t(key, { what: meal.dishes.find(({ id }) => id === event.dish)?.name ?? '' });
      case 'fireOut':
        return t(key, { minutes: event.minutes });
      case 'read': {
        const { coreC, probe } = event;
        const tempC = coreC === null ? '–' : showTemperature(coreC, meal.kitchen.units);
        return t(key, { what: probe, tempC });
      }
      case 'longer':
        return t(key, { what: labels.get(event.step) ?? '', minutes: event.minutes });
      default: {
        const step = 'step' in event ? event.step : undefined;
        return t(key, { what: (step !== undefined && labels.get(step)) || '' });
      }
    }
  };
}
