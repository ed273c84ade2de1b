import * as v from 'valibot';
import type { Outline, OutlineFields } from '../gear/outline';
import { date, id, name, note, wholeFrom, within } from './gear-schema';

/** The schema of what an outline of the core says: one description, looked over alike in a file and at a command. */
export function schemaOf(outline: Outline): v.GenericSchema<unknown, unknown> {
  switch (outline.of) {
    case 'number':
      return outline.range.isWhole
        ? wholeFrom(outline.range.least, outline.range.most)
        : within(outline.range);
    case 'word':
      return v.picklist(outline.words as readonly string[]);
    case 'name':
      return name;
    case 'note':
      return note;
    case 'name or nothing':
      return v.union([v.literal(''), name], 'is no name.');
    case 'id':
      return id;
    case 'day':
      return date;
    case 'yes or no':
      return v.boolean();
    case 'or null':
      return v.nullable(schemaOf(outline.what));
    case 'or else':
      return v.optional(schemaOf(outline.what), outline.value as never);
    case 'list':
      return v.pipe(
        v.array(schemaOf(outline.each)),
        v.minLength(outline.least, `holds fewer than ${outline.least}.`),
        v.maxLength(outline.most, `holds more than ${outline.most}.`),
      );
    case 'tuple':
      return v.strictTuple(outline.each.map(schemaOf));
    case 'record':
      return v.strictObject(entriesOf(outline.fields, outline.mayLack));
    case 'variant':
      return v.variant(
        outline.by,
        Object.entries(outline.cases).map(([word, fields]) =>
          v.strictObject({ ...entriesOf(fields, false), [outline.by]: v.literal(word) }),
        ) as never,
      );
  }
}

function entriesOf(fields: OutlineFields, mayLack: boolean) {
  return Object.fromEntries(
    Object.entries(fields).map(([field, outline]) => {
      const schema = schemaOf(outline);
      return [field, mayLack ? v.optional(schema) : schema];
    }),
  );
}
