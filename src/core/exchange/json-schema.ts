import { toJsonSchema } from '@valibot/to-json-schema';
import { fileSchema, formatVersion } from './schema';

/**
 * The file format as JSON Schema, made from the schema that reads it. What only the program can check is
 * left out: plain names, ids that are there, placements that hang together.
 */
export function fileJsonSchema(): Readonly<Record<string, unknown>> {
  return {
    ...toJsonSchema(fileSchema, { errorMode: 'ignore', target: 'draft-2020-12' }),
    title: `Vivid Acorn file, version ${formatVersion}`,
    description:
      'Gear and kits. Masses in g, lengths in mm, volumes in mL, prices in minor units of the currency.',
  };
}
