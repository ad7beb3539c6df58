import {
  freshId,
  gramsOf,
  mlOf,
  panMl,
  parseQuantity,
  QuantityError,
  readLengthMm,
  showLength,
  showVolume,
  USUAL_PAN_CM,
  VESSEL_KINDS,
  type Kitchen,
  type Meal,
} from '@zemrin/core';
import { X } from 'lucide-react';
import { useEdit } from '../../store/useEdit.ts';
import { Choice } from '../../ui/Choice.tsx';
import { EditField } from '../../ui/EditField.tsx';
import { useWords } from '../../words/words.ts';

type Vessel = Kitchen['vessels'][number];

/** Bags, tubs, bowls and pots, each with what it holds. */
export function Vessels({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const { vessels } = meal.kitchen;
  const set = (to: Kitchen['vessels']) => edit({ do: 'setVessels', vessels: to });
  const add = () =>
    set([
      ...vessels,
      {
        id: freshId('vessel', new Set(vessels.map((vessel) => vessel.id))),
        name: t('kitchen.newVessel'),
        kind: 'tub',
        capacityMl: 2000,
      },
    ]);
  return (
    <section>
      <h2 className="text-xl">{t('kitchen.vessels')}</h2>
      <ul className="mt-1">
        {vessels.map((vessel, i) => (
          <li
            key={vessel.id}
            className="grid grid-cols-[1fr_86px_84px_auto] items-start gap-2 border-t border-line py-1.5"
          >
            <EditField
              label={t('kitchen.vesselName', { name: vessel.name })}
              hideLabel
              value={vessel.name}
              className="field w-full"
              onCommit={(name) => void (name !== '' && set(vessels.with(i, { ...vessel, name })))}
            />
            <Choice
              label={t('kitchen.vesselKind', { name: vessel.name })}
              hideLabel
              value={vessel.kind}
              className="field w-full px-1"
              options={VESSEL_KINDS.map((kind) => [kind, t(`vessel.${kind}`)])}
              onChoose={(kind) => set(vessels.with(i, { ...vessel, kind }))}
            />
            <Size
              vessel={vessel}
              units={meal.kitchen.units}
              onChange={(to) => set(vessels.with(i, to))}
            />
            <button
              type="button"
              className="btn btn-quiet px-2"
              aria-label={t('kitchen.removeVessel', { name: vessel.name })}
              title={t('kitchen.removeVessel', { name: vessel.name })}
              onClick={() => set(vessels.toSpliced(i, 1))}
            >
              <X size={16} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="btn mt-2" data-key="n" onClick={add}>
        {t('kitchen.addVessel')}
      </button>
    </section>
  );
}

/** What it holds; a pan is known by how wide it is. */
function Size(props: { vessel: Vessel; units: Kitchen['units']; onChange: (to: Vessel) => void }) {
  const t = useWords();
  const { vessel, units, onChange } = props;
  if (vessel.kind === 'pan') {
    return (
      <EditField
        label={t('kitchen.panWidth', { name: vessel.name })}
        hideLabel
        value={showLength((vessel.widthCm ?? USUAL_PAN_CM) * 10, units)}
        className="field w-full text-right"
        onCommit={(text) => {
          const widthCm = Math.round(readLengthMm(text, 'cm') ?? NaN) / 10;
          if (!(widthCm >= 10 && widthCm <= 80)) return t('kitchen.badWidth', { text });
          onChange({ ...vessel, widthCm, capacityMl: panMl(widthCm) });
          return undefined;
        }}
      />
    );
  }
  return (
    <EditField
      label={t('kitchen.vesselHolds', { name: vessel.name })}
      hideLabel
      value={showVolume(vessel.capacityMl)}
      className="field w-full text-right"
      onCommit={(text) => {
        const capacityMl = readVolume(text);
        if (capacityMl === undefined) return t('kitchen.badVolume', { text });
        onChange({ ...vessel, capacityMl });
        return undefined;
      }}
    />
  );
}

/** Litres up to 20, millilitres above, or as it is written. */
function readVolume(text: string): number | undefined {
  try {
    const quantity = parseQuantity(text);
    const bare = quantity.dimension === 'count' && quantity.unit === '';
    const water = { name: 'water', gPerMl: 1 };
    const ml = bare
      ? quantity.low * (quantity.low <= 20 ? 1000 : 1)
      : quantity.dimension === 'volume' && gramsOf(quantity, water) !== undefined
        ? mlOf(quantity, water)
        : undefined;
    return ml !== undefined && ml > 0 ? ml : undefined;
  } catch (error) {
    if (error instanceof QuantityError) return undefined;
    throw error;
  }
}
