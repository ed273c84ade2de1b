import { demoBench } from '@/core/demo';
import { writeFile } from '@/core/exchange';
import { benchOfKit, versionOf } from '@/core/loadout';

/** A file that must be refused, and what its message must name: a field’s path, or null where it is about all of it. */
export interface HostileFile {
  readonly name: string;
  readonly text: string;
  readonly field: RegExp | null;
}

export type Json = Record<string, unknown>;
export interface FileJson extends Json {
  version: number;
  gear: Json[];
  loadouts: (Json & { placements: Json[]; modules: Json[] })[];
  schemes: Json[];
  lists: Json[];
  kept: Json[];
  versions: (Json & { gear: unknown[]; along: Json[]; loadout: Json })[];
}

const small = benchOfKit(demoBench, 'float-pouch-kit');
const versioned = {
  ...small,
  versions: new Map([
    ['v', versionOf(small, 'float-pouch-kit', { id: 'v', day: '2026-10-01', note: '' })],
  ]),
};
export const texts = { small: writeFile(small), versioned: writeFile(versioned) };

function file(which: keyof typeof texts = 'small'): FileJson {
  return JSON.parse(texts[which]) as FileJson;
}

export function spoilt(
  change: (file: FileJson) => void,
  which: keyof typeof texts = 'small',
): string {
  const made = file(which);
  change(made);
  return JSON.stringify(made);
}

export function ofVersion2(change: (file: FileJson) => void): string {
  return spoilt((made) => {
    made.version = 2;
    delete (made as Json).kept;
    for (const gear of made.gear) for (const field of sinceVersion3) delete gear[field];
    change(made);
  });
}

/** Fields of gear that no file before version 3 has. */
export const sinceVersion3 = ['lots', 'spoiledBy', 'failsIn', 'care', 'cautions'] as const;

export function placement(id: string, gear: string, place: object, count = 1): Json {
  return { id, gear, count, place, laidFor: null };
}

export function kit(
  id: string,
  placements: Json[],
  modules: Json[] = [],
): FileJson['loadouts'][number] {
  return { id, name: id, purpose: '', mostMassG: null, mostPriceMinor: null, placements, modules };
}

export function along(id: string, of: string): Json {
  return { id, kit: of, place: { on: 'body' } };
}

/** One way to spoil a file; the random number chooses among its cases. */
export type Family = (random: () => number) => HostileFile;
