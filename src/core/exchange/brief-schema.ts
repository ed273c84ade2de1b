import * as v from 'valibot';
import type { Brief } from '../brief/brief';
import { briefOutline, unsoundBrief } from '../brief/outline';
import { schemaOf } from './outline-schema';

/** What a kit is for, by the core’s own outline of it. */
export const briefSchema = v.pipe(
  schemaOf(briefOutline) as v.GenericSchema<Brief, Brief>,
  v.check(
    (brief) => unsoundBrief(brief) === null,
    (issue) => unsoundBrief(issue.input)!.message,
  ),
);
