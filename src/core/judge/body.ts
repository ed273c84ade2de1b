import { needsTraining } from '../catalogue/aid';
import type { Complaint } from '../gear';
import { firstAidOf, type ComplaintAid } from '../needs';
import { risksOf } from '../needs/aid';
import { listed } from '../quantity';
import type { WorkedOutKit } from '../kit';
import { idsOf, type Background } from './background';
import type { Rule } from './finding';
import { isReady } from './fire';
import { isShort } from './sleep';

const grave: readonly Complaint[] = ['heavy bleeding', 'grave allergy'];

/** The complaints that are likely on this trip and are not met. Nothing while nobody says how long it is. */
function unmet(
  { whole, bench, day, elsewhere }: WorkedOutKit,
  { needsKit }: Background,
): readonly ComplaintAid[] {
  if (needsKit === null || needsKit.days === null) return [];
  const declared = needsKit.brief.people.some(({ graveAllergy }) => graveAllergy !== '');
  const personDays = needsKit.people.length * needsKit.days;
  const risks = risksOf(needsKit);
  return firstAidOf(whole, bench.shelf, { day, personDays, declared, elsewhere, risks }).filter(
    ({ standing, wanted }) => wanted > 0 && (standing === 'short' || standing === 'none'),
  );
}

interface Open {
  readonly open: readonly {
    readonly complaint: Complaint;
    readonly uses: number;
    readonly wanted: number;
  }[];
}

function figuresOf(complaints: readonly ComplaintAid[]): Open {
  return {
    open: complaints.map(({ complaint, uses, wanted }) => ({ complaint, uses, wanted })),
  };
}

/** Small hurts that are likely, and that nothing here answers often enough. */
export const complaintOpen: Rule<Open> = {
  id: 'aid/complaint',
  severities: ['warn'],
  speaksWhen: 'a likely complaint is not met',
  mendedBy: 'add the medicine or dressing, enough for everyone',
  asks: 'people and days',
  because: 'A blister ends more trips than a bear.',
  find: (kit, background) => {
    if (kit.whole.placements.length === 0) return [];
    const open = unmet(kit, background).filter(({ complaint }) => !grave.includes(complaint));
    return open.map((each) => ({
      severity: 'warn',
      about: each.by,
      of: each.complaint,
      figures: figuresOf([each]),
    }));
  },
  says: ({ open }) =>
    `First aid: ${listed(open.map(({ complaint, uses, wanted }) => `${complaint} ${uses} of ${wanted}`))}.`,
};

/** What kills within minutes, and nothing here is against it. */
export const graveOpen: Rule<Open> = {
  id: 'aid/grave',
  severities: ['warn'],
  speaksWhen: 'heavy bleeding, or a declared grave allergy, is not met',
  mendedBy: 'carry the person’s own adrenaline pen, on the body',
  asks: 'people and days',
  because:
    'The grave one leaves no time to fetch what is missing; allergy tablets do not treat it.',
  find: (kit, background) => {
    if (kit.whole.placements.length === 0) return [];
    const onlySmall = background.school('firstAid') === 'small only';
    return unmet(kit, background)
      .filter(
        ({ complaint }) =>
          grave.includes(complaint) && !(onlySmall && complaint === 'heavy bleeding'),
      )
      .map((each) => ({
        severity: 'warn',
        about: each.by,
        of: each.complaint,
        figures: figuresOf([each]),
      }));
  },
  says: ({ open }) => `Nothing here is against ${listed(open.map(({ complaint }) => complaint))}.`,
};

export const trained = 'whoever uses it was trained';

/** First aid that helps nobody in hands that were not trained. */
export const asksTraining: Rule<null> = {
  id: 'aid/training',
  severities: ['note'],
  speaksWhen: 'gear is there that asks for training',
  mendedBy: 'take a course, then mark the person as trained',
  asks: 'what kind of piece it is',
  because: 'Gear without practice is worth little: take a course.',
  find: (_kit, { pieces }) => {
    const untrained = pieces.filter(
      ({ gear: { kind, checks } }) =>
        kind !== null && needsTraining.has(kind) && !isReady(checks, trained),
    );
    return untrained.length === 0
      ? []
      : [{ severity: 'note', about: idsOf(untrained), of: 'training', figures: null }];
  },
  says: (_, { name }, about) => `${listed(about.map(name))}: helps only in trained hands.`,
};

/** Somebody's own medicine, pen or spectacles are short. */
export const ownShort: Rule<{ readonly says: string }> = {
  id: 'aid/own',
  severities: ['stop'],
  speaksWhen: 'own medicine is short, past its date, or not on the body',
  mendedBy: 'renew it, and carry it on the body',
  asks: 'what the people cannot be without',
  because: 'Nobody on the way has the same.',
  find: (_kit, { need }) => {
    const own = need('own musts');
    if (!isShort(own)) return [];
    return [
      {
        severity: 'stop',
        about: own.placements,
        of: 'own',
        figures: { says: `${own.says.split('. ')[0]!.replace(/\.$/u, '')}.` },
      },
    ];
  },
  // The need names which is short: so does the finding.
  says: ({ says }) => `They cannot be without it: ${says}`,
};

/** A night out, and no toilet kit. */
export const noToilet: Rule<{ readonly nights: number }> = {
  id: 'clean/toilet',
  severities: ['note'],
  speaksWhen: 'a night out without toilet kit',
  mendedBy: 'add toilet paper and a trowel',
  asks: 'nights',
  because: 'Clean hands keep the whole group on its feet.',
  find: ({ ways, whole }, { nights }) =>
    nights === null || nights === 0 || ways.byJob.has('toilet') || whole.placements.length === 0
      ? []
      : [{ severity: 'note', about: [], of: 'toilet', figures: { nights } }],
  says: ({ nights }) => `${nights} ${nights === 1 ? 'night' : 'nights'} out, and no toilet kit.`,
};
