import { mayFollow, partTaken, type ChainSpot, type Dish, type PartTaken } from '@zemrin/core';
import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { useWords } from '../../words/words.ts';
import type { useChain } from './useChain.ts';

interface MenuProps {
  readonly dish: Dish;
  readonly spot: ChainSpot;
  readonly chain: ReturnType<typeof useChain>;
}

/** Forks and joins: which steps it comes after. */
export function Follows({ dish, spot, chain }: MenuProps) {
  const t = useWords();
  const { step } = spot;
  const others = mayFollow(dish, step.id);
  const followed = new Set(step.after.map((gap) => gap.step));
  const names = others.filter(({ id }) => followed.has(id)).map(({ label }) => label);
  return (
    <Ticks
      label={t('dishes.follows', { step: step.label })}
      shown={
        names.length === 0
          ? t('dishes.followsNothing')
          : t('dishes.followsShort', { steps: names.join(', ') })
      }
      options={others.map(({ id, label }) => ({ id, name: label }))}
      ticked={followed}
      onTick={(ids) => chain.follow(step.id, ids)}
    />
  );
}

/** Which foods it works on: as it says, or as inferred, which safety reckons with. */
export function WorksOn({ dish, spot, chain }: MenuProps) {
  const t = useWords();
  const { step } = spot;
  const ids = chain.worksOn.get(step.id) ?? [];
  const foods = dish.foods.filter(({ id }) => ids.includes(id)).map(({ name }) => name);
  const said =
    foods.length === 0
      ? t('dishes.worksOnNone')
      : t('dishes.worksOnShort', { foods: foods.join(', ') });
  const part = partTaken(dish, step);
  const shown = step.foods ? said : t('dishes.inferred', { foods: said });
  return (
    <Ticks
      label={t('dishes.worksOn', { step: step.label })}
      shown={part ? `${shown}, ${t(`dishes.part.${part}`)}` : shown}
      options={dish.foods}
      ticked={new Set(ids)}
      onTick={(next) => chain.workOn(step.id, next)}
    >
      {step.foods && (
        <DropdownMenu.Item className={ITEM} onSelect={() => chain.workOn(step.id, undefined)}>
          {t('dishes.inferAgain')}
        </DropdownMenu.Item>
      )}
      {(step.mixtures?.length ?? 0) > 0 && (
        <PartOf said={step.part} onPart={(next) => chain.takePart(step.id, next)} />
      )}
    </Ticks>
  );
}

const ITEM =
  'flex min-h-[44px] items-center rounded-lg px-3 pl-9 outline-none data-[highlighted]:bg-soft';
const PARTS = ['reserve', 'used', undefined] as const;

/** Which part of its mixtures it takes: safety reckons with it. */
function PartOf(props: {
  said: PartTaken | undefined;
  onPart: (part: PartTaken | undefined) => void;
}) {
  const t = useWords();
  return (
    <>
      <DropdownMenu.Separator className="my-1 border-t border-line" />
      {PARTS.map((part) => (
        <DropdownMenu.CheckboxItem
          key={part ?? 'unsaid'}
          checked={props.said === part}
          className={ITEM}
          onSelect={() => props.onPart(part)}
        >
          <span aria-hidden="true" className="-ml-6 w-6">
            {props.said === part ? '✓' : ''}
          </span>
          {t(`dishes.part.${part ?? 'unsaid'}`)}
        </DropdownMenu.CheckboxItem>
      ))}
    </>
  );
}

/** A menu of things to tick, several at a time. */
function Ticks(props: {
  label: string;
  shown: string;
  options: ReadonlyArray<{ readonly id: string; readonly name: string }>;
  ticked: ReadonlySet<string>;
  onTick: (ids: readonly string[]) => void;
  children?: ReactNode;
}) {
  const { label, ticked } = props;
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        className="min-h-[30px] min-w-0 truncate rounded-lg px-1.5 text-left text-[13px] text-muted hover:bg-soft"
        aria-label={label}
        title={label}
      >
        {props.shown}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 max-h-[60vh] min-w-[220px] overflow-auto rounded-xl border border-line bg-panel p-1 text-ink shadow-lg"
        >
          {props.options.map(({ id, name }) => (
            <DropdownMenu.CheckboxItem
              key={id}
              checked={ticked.has(id)}
              onSelect={(event) => event.preventDefault()}
              onCheckedChange={(on) => {
                const next = new Set(ticked);
                if (on) next.add(id);
                else next.delete(id);
                props.onTick([...next]);
              }}
              className="flex min-h-[44px] items-center gap-2 rounded-lg px-3 outline-none data-[highlighted]:bg-soft"
            >
              <span aria-hidden="true" className="w-4">
                {ticked.has(id) ? '✓' : ''}
              </span>
              {name}
            </DropdownMenu.CheckboxItem>
          ))}
          {props.children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
