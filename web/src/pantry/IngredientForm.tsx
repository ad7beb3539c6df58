import {
  ACIDS,
  AVOIDABLE,
  ENZYMES,
  freshId,
  OwnIngredientSchema,
  pantryOf,
  type AcidKind,
  type Ingredient,
  type Meal,
  type OwnIngredient,
} from '@zemrin/core';
import { useState, type FormEvent } from 'react';
import { useEdit } from '../store/useEdit.ts';
import { Choice } from '../ui/Choice.tsx';
import { Tick } from '../ui/Tick.tsx';
import { useWords, type WordKey } from '../words/words.ts';
import { HoldsField } from './HoldsField.tsx';

interface IngredientFormProps {
  readonly meal: Meal;
  /** The one to change; left out for a new one. */
  readonly of?: Ingredient | undefined;
  readonly name?: string;
  readonly onDone: (id: string) => void;
}

const NO_ACID = 'none';

/** The figures of an ingredient, and the catalogue's name of each. */
const FIGURES = [
  ['gPerMl', 'pantry.gPerMl'],
  ['sodiumMgPer100g', 'pantry.sodium'],
  ['saltPct', 'pantry.salt'],
  ['sugarsGPer100g', 'pantry.sugars'],
  ['waterPct', 'pantry.water'],
  ['alcoholPct', 'pantry.alcohol'],
] as const satisfies ReadonlyArray<readonly [string, WordKey]>;
type Figure = (typeof FIGURES)[number][0];

/** An ingredient of the cook's own, or a built-in one made their own by changing it. */
export function IngredientForm({ meal, of, name = '', onDone }: IngredientFormProps) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const [title, setTitle] = useState(of?.name ?? name);
  const [section, setSection] = useState(of?.section ?? 'other');
  const [figures, setFigures] = useState<Partial<Record<Figure, string>>>(() => textsOf(of));
  const [holds, setHolds] = useState(of?.holds ?? []);
  const [enzyme, setEnzyme] = useState(of?.enzyme ?? 'none');
  const [spice, setSpice] = useState(of?.spice ?? false);
  const [acid, setAcid] = useState<AcidKind | typeof NO_ACID>(of?.acid?.as ?? NO_ACID);
  const [acidPct, setAcidPct] = useState(String(of?.acid?.pct ?? ''));
  const [pH, setPH] = useState(String(of?.acid?.pH ?? ''));
  const [one, setOne] = useState(String(Object.values(of?.countG ?? {})[0] ?? ''));
  const [wrong, setWrong] = useState<string>();

  const keep = (event: FormEvent) => {
    event.preventDefault();
    const id = of?.id ?? freshId(title, new Set(pantryOf(meal.pantry).ingredients.keys()));
    const read = OwnIngredientSchema.safeParse({
      id,
      name: title.trim(),
      section: section.trim() || 'other',
      holds,
      spice,
      crystal: of?.crystal ?? false,
      enzyme,
      ...Object.fromEntries(
        FIGURES.flatMap(([key]) => (figures[key]?.trim() ? [[key, numberOf(figures[key])]] : [])),
      ),
      ...(acid === NO_ACID ? {} : { acid: { as: acid, pct: numberOf(acidPct), pH: numberOf(pH) } }),
      ...(one.trim() === '' ? {} : { countG: { ...of?.countG, '': numberOf(one) } }),
    });
    if (!read.success) {
      const issue = read.error.issues[0];
      setWrong(
        t('pantry.wrong', { field: String(issue?.path.at(-1) ?? ''), why: issue?.message ?? '' }),
      );
      return;
    }
    const ingredient: OwnIngredient = read.data;
    edit({ do: 'ownIngredient', ingredient });
    onDone(id);
  };
  return (
    <form className="grid gap-3" onSubmit={keep}>
      <div className="grid gap-3 sm:grid-cols-2">
        <Text label={t('pantry.name')} value={title} onChange={setTitle} />
        <Text label={t('pantry.section')} value={section} onChange={setSection} />
        {FIGURES.map(([key, label]) => (
          <Text
            key={key}
            label={t(label)}
            value={figures[key] ?? ''}
            decimal
            onChange={(text) => setFigures({ ...figures, [key]: text })}
          />
        ))}
        <Text label={t('pantry.one')} value={one} decimal onChange={setOne} />
        <Choice
          label={t('pantry.enzyme')}
          value={enzyme}
          options={ENZYMES.map((e) => [e, t(`enzyme.${e}`)])}
          onChoose={setEnzyme}
        />
        <Choice
          label={t('pantry.acid')}
          value={acid}
          options={[
            [NO_ACID, t('enzyme.none')] as const,
            ...ACIDS.map((a) => [a, t(`acid.${a}`)] as const),
          ]}
          onChoose={setAcid}
        />
        {acid !== NO_ACID && (
          <>
            <Text label={t('pantry.acidPct')} value={acidPct} decimal onChange={setAcidPct} />
            <Text label={t('pantry.pH')} value={pH} decimal onChange={setPH} />
          </>
        )}
      </div>
      <Tick checked={spice} onChange={setSpice}>
        {t('pantry.spice')}
      </Tick>
      <HoldsField holds={holds} of={AVOIDABLE} onChange={setHolds} />
      {wrong !== undefined && (
        <p role="alert" className="text-clash">
          {wrong}
        </p>
      )}
      <button type="submit" className="btn btn-main justify-self-start">
        {t('pantry.keep')}
      </button>
    </form>
  );
}

function textsOf(of: Ingredient | undefined): Partial<Record<Figure, string>> {
  if (!of) return {};
  return Object.fromEntries(
    FIGURES.flatMap(([key]) => (of[key] === undefined ? [] : [[key, shown(of[key])]])),
  );
}

function shown(value: number): string {
  return String(Number(value.toPrecision(4)));
}

/** A comma is a decimal comma; what is no number stays one the schema refuses. */
function numberOf(text: string | undefined): number {
  return Number((text ?? '').replace(',', '.').trim() || NaN);
}

function Text(props: {
  label: string;
  value: string;
  decimal?: boolean;
  onChange: (text: string) => void;
}) {
  return (
    <label className="grid text-sm text-muted">
      {props.label}
      <input
        className="field text-ink"
        inputMode={props.decimal ? 'decimal' : 'text'}
        value={props.value}
        onChange={(event) => props.onChange(event.target.value)}
      />
    </label>
  );
}
