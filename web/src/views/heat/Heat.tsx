import { cutOf, heatSteps, isVegetable, type Dish, type Food, type Meal } from '@zemrin/core';
import { Link, useNavigate, useParams } from 'react-router';
import { useMeal } from '../../store/hooks.ts';
import { NoMeal } from '../../ui/NoMeal.tsx';
import { heat } from '../../words/en/heat.ts';
import { kitchen } from '../../words/en/kitchen.ts';
import { learn, useWords } from '../../words/words.ts';
import { AnyCut } from './AnyCut.tsx';
import { CookView } from './CookView.tsx';

learn(heat);
learn(kitchen);

/** In the address, where a food's id may stand: no id has this sign. */
const ANY_CUT = '_cut';

const linkClass = (isHere: boolean) =>
  `flex min-h-[36px] items-center rounded-lg px-2 text-[14px] ${isHere ? 'bg-ink text-ground' : 'hover:bg-soft'}`;

interface Placed {
  readonly dish: Dish;
  readonly food: Food;
}

/** How a cut will cook. */
export default function Heat() {
  const t = useWords();
  const meal = useMeal();
  const { food: asked } = useParams();
  if (!meal) return <NoMeal />;
  if (asked === ANY_CUT) {
    return (
      <main className="flex min-h-full flex-col lg:flex-row">
        <AnyCut meal={meal}>
          <Chooser meal={meal} all={foodsOf(meal)} chosen={undefined} />
        </AnyCut>
      </main>
    );
  }
  const all = foodsOf(meal);
  const chosen = all.find(({ food }) => food.id === asked) ?? all[0];
  if (!chosen) {
    return (
      <main className="p-6">
        <h1 className="text-3xl">{t('heat.title')}</h1>
        <p className="my-3">{t('heat.none')}</p>
        <p className="flex flex-wrap gap-3">
          <Link className="btn" to={`/meal/${meal.id}/table`}>
            {t('nav.table')}
          </Link>
          <Link className="btn" to={`/meal/${meal.id}/heat/${ANY_CUT}`}>
            {t('heat.anyCut')}
          </Link>
        </p>
      </main>
    );
  }
  return (
    <main className="flex min-h-full flex-col lg:flex-row">
      <CookView key={chosen.food.id} meal={meal} {...chosen}>
        <Chooser meal={meal} all={all} chosen={chosen} />
      </CookView>
    </main>
  );
}

/** Foods whose cut is known; what was an animal first, since that is what one worries about. */
function foodsOf(meal: Meal): Placed[] {
  const all = meal.dishes.flatMap((dish) => dish.foods.map((food) => ({ dish, food })));
  const timed = ({ dish, food }: Placed) =>
    heatSteps(dish).some((one) => one.time.food === food.id);
  const meat = ({ food }: Placed) => (cutOf(meal, food)?.animal ?? 'none') !== 'none';
  const vegetable = ({ food }: Placed) => {
    const cut = cutOf(meal, food);
    return cut !== undefined && isVegetable(cut);
  };
  const known = all.filter((one) => meat(one) || timed(one) || vegetable(one));
  return [...known.filter(meat), ...known.filter((one) => !meat(one))];
}

function Chooser(props: { meal: Meal; all: readonly Placed[]; chosen: Placed | undefined }) {
  const t = useWords();
  const navigate = useNavigate();
  const to = (food: string) => `/meal/${props.meal.id}/heat/${food}`;
  return (
    <nav aria-label={t('heat.choose')} className="mb-2 pt-4">
      <select
        aria-label={t('heat.choose')}
        className="field w-full md:hidden"
        value={props.chosen?.food.id ?? ANY_CUT}
        onChange={(event) => void navigate(to(event.target.value))}
      >
        {props.all.map(({ food }) => (
          <option key={food.id} value={food.id}>
            {food.name}
          </option>
        ))}
        <option value={ANY_CUT}>{t('heat.anyCut')}</option>
      </select>
      <div className="hidden flex-wrap md:flex">
        {props.all.map(({ food }) => (
          <Link
            key={food.id}
            to={to(food.id)}
            aria-current={food.id === props.chosen?.food.id ? 'page' : undefined}
            className={linkClass(food.id === props.chosen?.food.id)}
          >
            {food.name}
          </Link>
        ))}
        <Link
          to={to(ANY_CUT)}
          aria-current={props.chosen === undefined ? 'page' : undefined}
          className={linkClass(props.chosen === undefined)}
        >
          {t('heat.anyCut')}
        </Link>
      </div>
    </nav>
  );
}
