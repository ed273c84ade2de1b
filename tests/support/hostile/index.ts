import { randomFrom } from '../random';
import { spoiltFields } from './fields';
import type { HostileFile } from './making';
import { spoiltStructure } from './structure';
import { spoiltWholes } from './whole';

const families = [...spoiltFields, ...spoiltStructure, ...spoiltWholes];

/** So many hostile files, the same for the same seed. */
export function hostileFiles(many: number, seed: number): readonly HostileFile[] {
  const random = randomFrom(seed);
  return Array.from({ length: many }, (_, at) => families[at % families.length]!(random));
}
