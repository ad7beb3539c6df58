import { csv } from './csv.ts';
import type { ExportFormat } from './definition.ts';
import { ics } from './ics.ts';
import { jsonld } from './jsonld.ts';
import { md } from './md.ts';

/** Every way out; docs/extending.md shows how to add one. */
export const EXPORT_FORMATS: readonly ExportFormat[] = [ics, csv, md, jsonld];

/** The format of a name; undefined where there is none. */
export function exportFormat(id: string): ExportFormat | undefined {
  return EXPORT_FORMATS.find((format) => format.id === id);
}
