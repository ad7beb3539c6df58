import {
  APPLIANCE_KINDS,
  COOLING_C_PER_MIN,
  HEATING_C_PER_MIN,
  freshId,
  hasOneHeat,
  MOST_OFFSET_C,
  placeNamed,
  type Kitchen,
  type Meal,
} from '@zemrin/core';
import { X } from 'lucide-react';
import { useEdit } from '../../store/useEdit.ts';
import { Choice } from '../../ui/Choice.tsx';
import { EditField } from '../../ui/EditField.tsx';
import { useWords } from '../../words/words.ts';
import { OvenTest } from './OvenTest.tsx';

/** Ovens by their shelves, hobs by their rings: what the plan may count on. */
export function Appliances({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const { appliances } = meal.kitchen;
  const set = (to: Kitchen['appliances']) => edit({ do: 'setAppliances', appliances: to });
  const add = () =>
    set([
      ...appliances,
      {
        id: freshId('appliance', new Set(appliances.map(({ id }) => id))),
        kind: 'oven',
        name: t('kitchen.newAppliance'),
        fits: 2,
      },
    ]);
  return (
    <section>
      <h2 className="text-xl">{t('kitchen.appliances')}</h2>
      <p className="text-muted">{t('kitchen.appliancesMore')}</p>
      <ul className="mt-1">
        {appliances.map((appliance, i) => (
          <li
            key={appliance.id}
            data-thing={appliance.id}
            className="grid grid-cols-[1fr_104px_62px_auto] sm:grid-cols-[1fr_148px_62px_auto] items-start gap-2 border-t border-line py-1.5"
          >
            <EditField
              label={t('kitchen.vesselName', { name: appliance.name })}
              hideLabel
              value={appliance.name}
              className="field w-full"
              onCommit={(name) =>
                void (name !== '' && set(appliances.with(i, { ...appliance, name })))
              }
            />
            <Choice
              label={t('kitchen.vesselKind', { name: appliance.name })}
              hideLabel
              value={appliance.kind}
              className="field w-full px-1"
              options={APPLIANCE_KINDS.map((kind) => [kind, t(`place.${kind}`)])}
              onChoose={(kind) => set(appliances.with(i, { ...appliance, kind }))}
            />
            <EditField
              label={t('kitchen.applianceFits', { name: appliance.name })}
              hideLabel
              inputMode="numeric"
              value={String(appliance.fits)}
              className="field w-full text-right"
              onCommit={(text) => {
                const fits = Number(text.replace(',', '.'));
                if (!(fits > 0)) return t('kitchen.badFits', { text });
                set(appliances.with(i, { ...appliance, fits }));
                return undefined;
              }}
            />
            <button
              type="button"
              className="btn btn-quiet px-2"
              aria-label={t('kitchen.removeVessel', { name: appliance.name })}
              title={t('kitchen.removeVessel', { name: appliance.name })}
              onClick={() => set(appliances.toSpliced(i, 1))}
            >
              <X size={16} aria-hidden="true" />
            </button>
            <Figures
              appliance={appliance}
              onChange={(change) => set(appliances.with(i, { ...appliance, ...change }))}
            />
            {appliance.kind === 'oven' && (
              <OvenTest
                name={appliance.name}
                kitchen={meal.kitchen}
                onFound={(found) => set(appliances.with(i, { ...appliance, ...found }))}
              />
            )}
          </li>
        ))}
      </ul>
      <button type="button" className="btn mt-2" onClick={add}>
        {t('kitchen.addAppliance')}
      </button>
      <Prices meal={meal} />
    </section>
  );
}

/** What a unit costs, for the comparison of plans. */
function Prices({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const { kitchen } = meal;
  const { prices = {} } = kitchen;
  return (
    <div className="mt-5">
      <h3 className="text-base">{t('kitchen.prices')}</h3>
      <p className="text-sm text-muted">{t('kitchen.pricesMore')}</p>
      <div className="mt-1 flex flex-wrap gap-3">
        {(['perKWh', 'perKgCoals'] as const).map((price) => (
          <EditField
            key={price}
            label={t(`kitchen.${price}`)}
            inputMode="decimal"
            className="field w-[110px] text-right"
            value={prices[price] === undefined ? '' : String(prices[price])}
            onCommit={(text) => {
              const value = Number(text.replace(',', '.'));
              if (!(value >= 0 && value < Infinity)) return t('kitchen.badPrice', { text });
              const { [price]: _was, ...others } = prices;
              const to = text.trim() === '' ? others : { ...others, [price]: value };
              edit({ do: 'setKitchen', kitchen: { ...kitchen, prices: to } });
              return undefined;
            }}
          />
        ))}
      </div>
    </div>
  );
}

type Appliance = Kitchen['appliances'][number];
type Figure = 'upCPerMin' | 'downCPerMin' | 'fitsIndirect' | 'runsHotC';

/** How fast an oven or a fire climbs and falls, and the cool side of a grill. */
function Figures(props: { appliance: Appliance; onChange: (change: Partial<Appliance>) => void }) {
  const t = useWords();
  const { appliance, onChange } = props;
  const { name } = appliance;
  const fields = FIGURES.filter(({ of }) => of(appliance.kind));
  if (fields.length === 0) return null;
  return (
    <div className="col-span-full flex flex-wrap gap-x-4 pl-2">
      {fields.map(({ figure, label, short, usual, signed }) => (
        <span key={figure} className="flex items-center gap-2 text-sm text-muted">
          <span aria-hidden="true">{t(short)}</span>
          <EditField
            label={t(label, { name })}
            hideLabel
            inputMode="decimal"
            value={String(appliance[figure] ?? usual)}
            className="field w-[62px] text-right"
            onCommit={(text) => {
              const value = Number(text.replace(',', '.'));
              if (signed ? !(Math.abs(value) <= MOST_OFFSET_C) : !(value > 0)) {
                return t(signed ? 'kitchen.badOffset' : 'kitchen.badFits', { text });
              }
              // What is typed is as sure as the cook is: nobody knows how sure that is.
              const sure = figure === 'runsHotC' ? { runsHotSdC: undefined } : {};
              onChange({ [figure]: value, ...sure });
              return undefined;
            }}
          />
        </span>
      ))}
    </div>
  );
}

const FIGURES: readonly {
  figure: Figure;
  of: (kind: Appliance['kind']) => boolean;
  label: 'kitchen.climbs' | 'kitchen.falls' | 'kitchen.coolSide' | 'kitchen.runsHot';
  short:
    'kitchen.climbsShort' | 'kitchen.fallsShort' | 'kitchen.coolSideShort' | 'kitchen.runsHotShort';
  usual: number | '';
  /** May be below nothing. */
  signed?: boolean;
}[] = [
  {
    figure: 'upCPerMin',
    of: hasOneHeat,
    label: 'kitchen.climbs',
    short: 'kitchen.climbsShort',
    usual: HEATING_C_PER_MIN,
  },
  {
    figure: 'downCPerMin',
    of: hasOneHeat,
    label: 'kitchen.falls',
    short: 'kitchen.fallsShort',
    usual: COOLING_C_PER_MIN,
  },
  {
    figure: 'runsHotC',
    of: hasOneHeat,
    label: 'kitchen.runsHot',
    short: 'kitchen.runsHotShort',
    usual: 0,
    signed: true,
  },
  {
    figure: 'fitsIndirect',
    of: (kind) => placeNamed(kind).appliance?.twoSided === true,
    label: 'kitchen.coolSide',
    short: 'kitchen.coolSideShort',
    usual: '',
  },
];
