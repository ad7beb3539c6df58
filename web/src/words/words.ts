import i18next from 'i18next';
import { initReactI18next, useTranslation } from 'react-i18next';
import { en, type WordKey } from './en.ts';

export type { WordKey };

void i18next.use(initReactI18next).init({
  lng: 'en',
  resources: { en: { translation: en } },
  keySeparator: false,
  nsSeparator: false,
  interpolation: { escapeValue: false },
});

export type Say = (key: WordKey, values?: Record<string, string | number>) => string;

/** The words of the catalogue, in a component. */
export function useWords(): Say {
  const { t } = useTranslation();
  return (key, values) => t(key, values ?? {});
}

/** The words of the catalogue, outside of components. */
export const words: Say = (key, values) => i18next.t(key, values ?? {});
