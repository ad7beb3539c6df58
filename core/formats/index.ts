export {
  KITCHEN_SETTINGS,
  kitchenChanges,
  mergedKitchen,
  type KitchenChange,
} from './merge-kitchen.ts';
export { printLibrary } from './print-library.ts';
export { mannerOf, planJson } from './plan-json.ts';
export { cookJson, parseCook } from './cook-file.ts';
export { forecastJson, parseReadings, readingsCsv } from './readings-csv.ts';
export { rehearsalJson } from './rehearsal-json.ts';
export { scaleJson } from './scale-json.ts';
export { recipeJson, type OutlineStep, type RecipeJson } from './recipe-json.ts';
export { mealLd, recipeLd } from './recipe-json-ld.ts';
export { planCalendar } from './calendar/write.ts';
export { busyOf, CalendarError, hoursOfBusy, type Busy } from './calendar/read.ts';
export { mealMarkdown, tableCsv, TABLES, type TableName } from './tables.ts';
export { EXPORT_FORMATS, exportFormat } from './exports/registry.ts';
export type { Exported, ExportFormat } from './exports/definition.ts';
export {
  MERGES,
  previewImport,
  printDish,
  printKitchen,
  readBundle,
  type Bundle,
  type Incoming,
  type Merge,
} from './bundle.ts';
export { learntJson } from './learnt-json.ts';
