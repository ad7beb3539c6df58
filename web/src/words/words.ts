import i18next from 'i18next';
import { initReactI18next, useTranslation } from 'react-i18next';
import { placeWords } from '@zemrin/core';
import type { WordKey } from './en.ts';
import { app } from './en/app.ts';
import { meals } from './en/meals.ts';

export type { WordKey };

void i18next.use(initReactI18next).init({
  lng: 'en',
  resources: {
    en: { translation: { ...placeWords.en, ...app, ...meals } },
  },
  keySeparator: false,
  nsSeparator: false,
  interpolation: { escapeValue: false },
});

/** A view that is loaded late brings its own words. */
export function learn(more: Readonly<Record<string, string>>): void {
  i18next.addResources('en', 'translation', more);
}

export type Say = (key: WordKey, values?: Record<string, string | number>) => string;

/** The words of the catalogue, in a component. */
export function useWords(): Say {
  const { t } = useTranslation();
  return (key, values) => t(key, values ?? {});
}

/** The words of the catalogue, outside of components. */
export const words: Say = (key, values) => i18next.t(key, values ?? {});

/** A word at the head of a line. */
export function capitalised(word: string): string {
  return word.charAt(0).toUpperCase() + word.slice(1);
}
