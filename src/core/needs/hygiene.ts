import { answered, notAsked, type Answer } from './need';
import { idsOf, type Given, type NeedsKit } from './needs-kit';

/** Paper or its like, something to dig, something to wash with: asked from one night on. */
export function hygiene(kit: NeedsKit): Answer {
  const { nights } = kit;
  if (nights === 0) return notAsked('things', 'Home by night.');
  const paper = kit.given('toilet');
  const washing = kit.given('wash').filter(cleans);
  const there = [paper, washing].filter((given) => given.length > 0).length;
  const missing = [
    paper.length === 0 ? 'a toilet kit' : '',
    washing.length === 0 ? 'soap or the like' : '',
  ].filter((word) => word !== '');
  return answered({
    standing: there === 2 ? 'met' : there === 1 ? 'short' : 'none',
    demand: 2,
    supply: there,
    unit: 'things',
    days: null,
    says:
      missing.length === 0
        ? 'A toilet kit and something to wash with are there.'
        : `Missing: ${missing.join(' and ')}.`,
    placements: idsOf([...paper, ...washing]),
  });
}

/** Soap, wipes, gel: what is made for it, or used up by it. Water alone, a pot to warm it in and a towel are no soap. */
function cleans({ gear, supply }: Given): boolean {
  if (supply.fitness === 'made-for') return true;
  return (
    supply.fitness === 'serves' &&
    gear.contents !== null &&
    !gear.supplies.some(({ job }) => job === 'water')
  );
}
