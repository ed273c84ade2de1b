import { printMass, printLength, printMoney, printVolume } from '../quantity';
import { cavityOf } from '../gear';
import { loadsOf, openingInWords, type FitReason } from '../fit';
import { gearOf, placementOf, totalsOf, treeOf } from '../loadout';
import type { Case, Finding } from './finding';

/** Cavities that cannot hold what is in them, one finding for each reason. */
export function cavitiesThatDoNotFit(judged: Case): readonly Finding[] {
  const { bench, loadout } = judged;
  return loadsOf(loadout, bench.shelf).flatMap(({ placement, cavity, answer }) => {
    const holder = gearOf(bench.shelf, placementOf(loadout, placement)!);
    const { name } = cavityOf(holder, cavity)!;
    const where = holder.cavities.length > 1 ? `${holder.name}, ${name}` : holder.name;
    const byGear = new Map<string, Finding>();
    for (const reason of answer.reasons) {
      const about = 'item' in reason ? reason.item.split('#')[0]! : placement;
      byGear.set(`${about} ${reason.why}`, {
        rule: `stow/${reason.why.replace(' ', '-')}`,
        severity: 'stop',
        message: sentence(judged, reason, where),
        placements: [about],
      });
    }
    return [...byGear.values()];
  });
}

/** The kit weighs or costs more than its limits. */
export function overItsLimits({ bench, loadout, units }: Case): readonly Finding[] {
  const { whole } = totalsOf(loadout, bench.shelf);
  const findings: Finding[] = [];
  if (loadout.mostMassG !== null && whole.massG > loadout.mostMassG) {
    findings.push({
      rule: 'stow/over-mass',
      severity: 'stop',
      message: `${printMass(whole.massG - loadout.mostMassG, units)} over the limit of ${printMass(loadout.mostMassG, units)}.`,
      placements: [],
    });
  }
  if (loadout.mostPriceMinor !== null && whole.priceMinor > loadout.mostPriceMinor) {
    findings.push({
      rule: 'stow/over-price',
      severity: 'warn',
      message: `${printMoney(whole.priceMinor - loadout.mostPriceMinor, bench.currency)} over the limit of ${printMoney(loadout.mostPriceMinor, bench.currency)}.`,
      placements: [],
    });
  }
  return findings;
}

/** Pieces that are laid out but in no holder. */
export function notStowed({ bench, loadout }: Case): readonly Finding[] {
  const loose = treeOf(loadout).on('mat');
  if (loose.length === 0) return [];
  const names = loose.map((placement) => gearOf(bench.shelf, placement).name).join(', ');
  return [
    {
      rule: 'stow/not-stowed',
      severity: 'note',
      message: `Not stowed yet: ${names}.`,
      placements: loose.map(({ id }) => id),
    },
  ];
}

function sentence({ units }: Case, reason: FitReason, where: string): string {
  switch (reason.why) {
    case 'too long':
      return `${reason.name} is ${printLength(reason.byMm, units)} too long for ${where}.`;
    case 'stands out':
      return `${reason.name}${reason.isUpright ? ' stays upright and' : ''} stands ${printLength(reason.byMm, units)} out of ${where}: the lid does not close.`;
    case 'too wide':
      return `${reason.name} needs ${openingInWords(reason.needsMm, units)} and the mouth of ${where} is ${openingInWords(reason.mouthMm, units)}.`;
    case 'too much':
      return `${where} is over-full by ${printVolume(reason.byMl, units)}, all soft pieces pressed tight.`;
    case 'too heavy':
      return `${where} carries ${printMass(reason.byG, units)} more than it may.`;
  }
}
