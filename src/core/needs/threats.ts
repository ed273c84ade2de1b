import type { Threat } from '../gear';
import type { NeedsKit } from './needs-kit';
import { removes, treatments } from './water';

/**
 * What is wrong with the water there, sediment where it is cloudy and nothing strains it; null if not known. That a street’s water
 * may have chemicals in it is said with every treatment, as none takes them out; where somebody knows that they are there, they are
 * a threat like any other.
 */
export function threatsThere(kit: NeedsKit): readonly Threat[] | null {
  const { waterIsCloudy } = kit.conditions;
  const told = kit.conditions.waterThreats;
  if (told === null) return null;
  const waterThreats = {
    value: told.value.filter((threat) => threat !== 'chemicals' || told.by === 'typed'),
  };
  const isCloudy = waterIsCloudy?.value === true;
  const strains =
    kit.given('strain').length > 0 ||
    treatments(kit).some((way) => removes(way).includes('sediment'));
  const asked = new Set<Threat>(
    isCloudy ? [...waterThreats.value, 'sediment'] : waterThreats.value,
  );
  if (strains || !isCloudy) asked.delete('sediment');
  return [...asked];
}
