import {
  freshId,
  PLACES,
  settingsFor,
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
  const [temp, setTemp] = useState(adding ? '' : String(step.place.tempC ?? ''));
  const [spot, setSpot] = useState(adding ? '' : (step.place.zone ?? step.place.appliance ?? ''));
  const [inside, setInside] = useState(adding ? '' : insideOf(step.vessel));
  const [washes, setWashes] = useState(!adding && (step.washes ?? false));
  const spots = spotsFor(meal, kind, t);
  const [coolest, hottest] = settingsFor(kind, verb);

  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    const typed: Typed = {
      label: label.trim() || t('weave.newStep'),
      verb,
      kind,
      temp,
      spot,
      inside,
    };
    if (adding) {
      const added = newStep(typed, freshId(typed.label, takenIds(meal)));
      edit({ do: 'addStepAfter', step: step.id, new: added });
      onAdded(added.id);
    } else {
      // Untouched, it stays open whether it washes.
      const washing = step.washes === undefined && !washes ? {} : { washes };
      edit({ do: 'editStep', step: step.id, change: { ...changed(step, typed), ...washing } });
    }
    onClose();
  };
  return (
    <Modal title={adding ? t('weave.addAfter') : step.label} onClose={onClose}>
      <form onSubmit={onSubmit} className="grid gap-3">
        <label className="grid text-sm">
          <span className="text-muted">{t('weave.label')}</span>
          <input
            className="field"
            value={label}
            onChange={(e) => setLabel(e.target.value)}
            placeholder={t('weave.newStep')}
          />
        </label>
        <Choice
          label={t('weave.verb')}
          value={verb}
          options={VERBS.map((one) => [one, one])}
          onChoose={setVerb}
        />
        <Choice
          label={t('weave.place')}
          value={kind}
          options={PLACES.map((one) => [one, t(`place.${one}`)])}
          onChoose={setKind}
        />
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
          options={insidesFor(meal, t)}
          onChoose={setInside}
        />
        <label className="grid text-sm">
          <span className="text-muted">{t('weave.temp')}</span>
          <input
            className="field"
            type="number"
            min={coolest}
            max={hottest}
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

/** What the form holds when it is sent. */
interface Typed {
  readonly label: string;
  readonly verb: Verb;
  readonly kind: PlaceKind;
  readonly temp: string;
  readonly spot: string;
  readonly inside: string;
}

/** Where it is done, as typed. */
function placeOf({ kind, temp, spot }: Typed): Step['place'] {
  return { kind, ...(temp.trim() !== '' && { tempC: Number(temp) }), ...spotOf(spot) };
}

/** A step as it begins: a quarter of an hour with both hands, until the cook says otherwise. */
function newStep(typed: Typed, id: string): Step {
  const { label, verb, inside } = typed;
  return {
    id,
    verb,
    label,
    place: placeOf(typed),
    time: { kind: 'fixed', minutes: 15 },
    hands: [{ when: 'all', what: label }],
    after: [],
    cautions: [],
    vessel: vesselOf(inside),
  };
}

/** What is typed put on a step; what the form does not show of its place stays. */
function changed(step: Step, typed: Typed) {
  const { label, verb, inside } = typed;
  const { tempC: _temp, appliance: _oven, zone: _side, ...kept } = step.place;
  const vessel = inside === insideOf(step.vessel) ? step.vessel : vesselOf(inside);
  return { label, verb, place: { ...kept, ...placeOf(typed) }, vessel };
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

/** What a step can be done in: nothing, any of a kind, or one the kitchen has. */
function insidesFor(meal: Meal, t: Say): [string, string][] {
  return [
    ['', t('weave.noVessel')],
    ...VESSEL_KINDS.map((one): [string, string] => [
      `any ${one}`,
      t('weave.anyVessel', { kind: t(`vessel.${one}`) }),
    ]),
    ...meal.kitchen.vessels.map((one): [string, string] => [one.id, one.name]),
  ];
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
