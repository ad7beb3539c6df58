import {
  freshId,
  PLACES,
  takenIds,
  VERBS,
  VESSEL_KINDS,
  type Meal,
  type PlaceKind,
  type Step,
  type Verb,
} from '@zemrin/core';
import { useState, type FormEvent } from 'react';
import { useEdit } from '../../../store/useEdit.ts';
import { Choice } from '../../../ui/Choice.tsx';
import { Modal } from '../../../ui/Modal.tsx';
import { Tick } from '../../../ui/Tick.tsx';
import { useWords, type Say } from '../../../words/words.ts';

interface StepFormProps {
  readonly meal: Meal;
  readonly step: Step;
  readonly mode: 'edit' | 'add';
  readonly onClose: () => void;
  readonly onAdded: (id: string) => void;
}

/** What a step is called, what is done, where and how hot; or a new one after it. */
export function StepForm({ meal, step, mode, onClose, onAdded }: StepFormProps) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const adding = mode === 'add';
  const [label, setLabel] = useState(adding ? '' : step.label);
  const [verb, setVerb] = useState<Verb>(adding ? 'prepare' : step.verb);
  const [kind, setKind] = useState<PlaceKind>(adding ? 'board' : step.place.kind);
  const [temp, setTemp] = useState(
    adding || step.place.tempC === undefined ? '' : String(step.place.tempC),
  );
  const [spot, setSpot] = useState(adding ? '' : (step.place.zone ?? step.place.appliance ?? ''));
  const [inside, setInside] = useState(adding ? '' : insideOf(step.vessel));
  const [washes, setWashes] = useState(!adding && (step.washes ?? false));
  const spots = spotsFor(meal, kind, t);

  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    const tempC = temp.trim() === '' ? undefined : Number(temp);
    const { tempC: _old, ...rest } = step.place;
    const { appliance: _oven, zone: _side, ...elsewhere } = rest;
    const place = {
      ...(adding ? {} : elsewhere),
      kind,
      ...(tempC === undefined ? {} : { tempC }),
      ...spotOf(spot),
    };
    const same = !adding && inside === insideOf(step.vessel);
    const vessel = same ? step.vessel : vesselOf(inside);
    // Untouched, it stays open whether it washes.
    const washing = step.washes === undefined && !washes ? {} : { washes };
    const name = label.trim() || t('weave.newStep');
    if (adding) {
      const id = freshId(name, takenIds(meal));
      const time = { kind: 'fixed' as const, minutes: 15 };
      const hands = [{ when: 'all' as const, what: name }];
      const base = { id, verb, label: name, place, time, hands, after: [], cautions: [] };
      const added: Step = { ...base, vessel };
      edit({ do: 'addStepAfter', step: step.id, new: added });
      onAdded(id);
    } else {
      edit({
        do: 'editStep',
        step: step.id,
        change: { label: name, verb, place, vessel, ...washing },
      });
    }
    onClose();
  };
  return (
    <Modal title={adding ? t('weave.addAfter') : step.label} onClose={onClose}>
      <form onSubmit={onSubmit} className="grid gap-3">
        <label className="grid gap-1">
          {t('weave.label')}
          <input
            className="field"
            value={label}
            onChange={(e) => setLabel(e.target.value)}
            placeholder={t('weave.newStep')}
          />
        </label>
        <label className="grid gap-1">
          {t('weave.verb')}
          <select
            className="field"
            value={verb}
            onChange={(e) => setVerb(VERBS.find((v) => v === e.target.value) ?? verb)}
          >
            {VERBS.map((v) => (
              <option key={v}>{v}</option>
            ))}
          </select>
        </label>
        <label className="grid gap-1">
          {t('weave.place')}
          <select
            className="field"
            value={kind}
            onChange={(e) => setKind(PLACES.find((p) => p === e.target.value) ?? kind)}
          >
            {PLACES.map((p) => (
              <option key={p} value={p}>
                {t(`place.${p}`)}
              </option>
            ))}
          </select>
        </label>
        {spots.length > 1 && (
          <Choice
            label={t('weave.which')}
            value={spots.some(([value]) => value === spot) ? spot : ''}
            options={[['', t('weave.any')], ...spots]}
            onChoose={setSpot}
          />
        )}
        <Choice
          label={t('weave.inside')}
          value={inside}
          options={[
            ['', t('weave.noVessel')],
            ...VESSEL_KINDS.map((one): [string, string] => [
              `any ${one}`,
              t('weave.anyVessel', { kind: t(`vessel.${one}`) }),
            ]),
            ...meal.kitchen.vessels.map((one): [string, string] => [one.id, one.name]),
          ]}
          onChoose={setInside}
        />
        <label className="grid gap-1">
          {t('weave.temp')}
          <input
            className="field"
            type="number"
            min={-30}
            max={500}
            value={temp}
            placeholder={t('weave.noHeat')}
            onChange={(e) => setTemp(e.target.value)}
          />
        </label>
        {!adding && kind === 'board' && (
          <Tick checked={washes} onChange={setWashes}>
            {t('weave.washes')}
          </Tick>
        )}
        <div className="flex gap-2">
          <button type="submit" className="btn btn-main">
            {t('weave.save')}
          </button>
          <button type="button" className="btn" onClick={onClose}>
            {t('weave.cancel')}
          </button>
        </div>
      </form>
    </Modal>
  );
}

/** Which oven, hob or fire, or which side of one, where there is a choice. */
function spotsFor(meal: Meal, kind: PlaceKind, t: Say): [string, string][] {
  const appliances = meal.kitchen.appliances.filter((appliance) => appliance.kind === kind);
  const [one] = appliances;
  if (appliances.length === 1 && one?.fitsIndirect !== undefined) {
    return [
      ['direct', t('weave.direct')],
      ['indirect', t('weave.indirect')],
    ];
  }
  return appliances.map(({ id, name }) => [id, name]);
}

function spotOf(spot: string): Partial<Step['place']> {
  if (spot === '') return {};
  return spot === 'direct' || spot === 'indirect' ? { zone: spot } : { appliance: spot };
}

/** A vessel as the form has it: its id, or "any pot". */
function insideOf(vessel: Step['vessel']): string {
  return vessel?.one ?? (vessel?.kind === undefined ? '' : `any ${vessel.kind}`);
}

function vesselOf(inside: string): Step['vessel'] {
  if (inside === '') return undefined;
  const kind = VESSEL_KINDS.find((one) => inside === `any ${one}`);
  return kind ? { kind } : { one: inside };
}
