import {
  ANIMALS,
  AVOIDABLE,
  freshId,
  heldBy,
  OwnCutSchema,
  pantryOf,
  readLengthMm,
  SHAPES,
  SOAK_GROUPS,
  type Animal,
  type Avoidable,
  type Cut,
  type Meal,
} from '@zemrin/core';
import { useState, type FormEvent } from 'react';
import { useEdit } from '../store/useEdit.ts';
import { Choice } from '../ui/Choice.tsx';
import { useWords } from '../words/words.ts';
import { HoldsField } from './HoldsField.tsx';

interface CutFormProps {
  readonly meal: Meal;
  readonly of?: Cut | undefined;
  readonly name?: string;
  readonly onDone: (id: string) => void;
}

const FIGURES = ['thicknessMm', 'bonePct', 'trimPct', 'cookedPct', 'lowG', 'highG'] as const;
type Figures = Record<(typeof FIGURES)[number], string>;

/** A cut of the cook's own, or a built-in one made their own by changing it. */
export function CutForm({ meal, of, name = '', onDone }: CutFormProps) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const [title, setTitle] = useState(of?.name ?? name);
  const [animal, setAnimal] = useState(of?.animal ?? 'beef');
  const [soaks, setSoaks] = useState(of?.soaks ?? 'beef-tender');
  const [shape, setShape] = useState(of?.shape ?? 'slab');
  const [figures, setFigures] = useState<Figures>(() => figuresOf(of));
  const [holds, setHolds] = useState<Avoidable[]>(of ? asked(of.animal, of.holds) : []);
  const [wrong, setWrong] = useState<string>();
  const keep = (event: FormEvent) => {
    event.preventDefault();
    const thicknessMm = readLengthMm(figures.thicknessMm, 'mm') ?? NaN;
    const number = (key: keyof Figures) => Number(figures[key].replace(',', '.').trim() || NaN);
    const id = of?.id ?? freshId(title, new Set(pantryOf(meal.pantry).cuts.keys()));
    const read = OwnCutSchema.safeParse({
      id,
      name: title.trim(),
      animal,
      soaks,
      shape,
      holds,
      thicknessMm,
      boneShare: number('bonePct') / 100,
      trimShare: number('trimPct') / 100,
      cookedShare: number('cookedPct') / 100,
      rawPerAdultG: { low: number('lowG'), high: number('highG') },
    });
    if (!read.success) {
      const issue = read.error.issues[0];
      setWrong(
        t('pantry.wrong', { field: String(issue?.path[0] ?? ''), why: issue?.message ?? '' }),
      );
      return;
    }
    edit({ do: 'ownCut', cut: read.data });
    onDone(id);
  };
  return (
    <form className="grid gap-3 sm:grid-cols-2" onSubmit={keep}>
      <label className="grid text-sm text-muted">
        {t('pantry.name')}
        <input
          className="field text-ink"
          value={title}
          onChange={(event) => setTitle(event.target.value)}
        />
      </label>
      <Choice
        label={t('pantry.animal')}
        value={animal}
        options={ANIMALS.map((a) => [a, t(`animal.${a}`)])}
        onChoose={setAnimal}
      />
      <Choice
        label={t('pantry.soaksLike')}
        value={soaks}
        options={SOAK_GROUPS.map((group) => [group, t(`soaks.${group}`)])}
        onChoose={setSoaks}
      />
      <Choice
        label={t('pantry.shape')}
        value={shape}
        options={SHAPES.map((s) => [s, t(`shape.${s}`)])}
        onChoose={setShape}
      />
      {FIGURES.map((key) => (
        <label key={key} className="grid text-sm text-muted">
          {t(`pantry.cut.${key}`)}
          <input
            className="field text-ink"
            inputMode="decimal"
            value={figures[key]}
            onChange={(event) => setFigures({ ...figures, [key]: event.target.value })}
          />
        </label>
      ))}
      <HoldsField holds={holds} of={asked(animal, AVOIDABLE)} onChange={setHolds} />
      {of && of.targets.length > 0 && (
        <p className="text-sm text-muted sm:col-span-2">
          {of.targets
            .map((target) => `${t(`texture.${target.texture}`)} ${target.coreC}°`)
            .join(', ')}
        </p>
      )}
      {wrong !== undefined && (
        <p role="alert" className="text-clash sm:col-span-2">
          {wrong}
        </p>
      )}
      <button type="submit" className="btn btn-main justify-self-start">
        {t('pantry.keep')}
      </button>
    </form>
  );
}

/** What the animal says by itself is not asked. */
function asked(animal: Animal, of: readonly Avoidable[]): Avoidable[] {
  return of.filter((one) => !heldBy(animal, undefined).includes(one));
}

function figuresOf(of: Cut | undefined): Figures {
  const pct = (share: number) => String(Number((share * 100).toPrecision(3)));
  return {
    thicknessMm: String(of?.thicknessMm ?? ''),
    bonePct: pct(of?.boneShare ?? 0),
    trimPct: pct(of?.trimShare ?? 0),
    cookedPct: pct(of?.cookedShare ?? 0.75),
    lowG: String(of?.rawPerAdultG.low ?? 180),
    highG: String(of?.rawPerAdultG.high ?? 250),
  };
}
