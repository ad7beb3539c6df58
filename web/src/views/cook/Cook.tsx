import { NoMeal } from '../../ui/NoMeal.tsx';
import { useMeal } from '../../store/hooks.ts';
import { cook } from '../../words/en/cook.ts';
import { follow } from '../../words/en/follow.ts';
import { learn } from '../../words/words.ts';
import { BeforeRun } from './BeforeRun.tsx';
import { LiveRun } from './LiveRun.tsx';
import { useRunOf } from './useRun.ts';

learn(cook);
learn(follow);

/** The live run of a meal: what to do now, and what comes after. */
export default function Cook() {
  const meal = useMeal();
  const kept = useRunOf(meal?.id ?? '');
  if (!meal) return <NoMeal />;
  return kept ? <LiveRun key={kept.run.id} meal={meal} kept={kept} /> : <BeforeRun meal={meal} />;
}
