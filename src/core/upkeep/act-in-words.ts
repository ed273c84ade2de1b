import type { Due } from './due';

const contracts: readonly string[] = ['satellite-messenger'];

/** What is to be done about something that is due, said to whoever does it. */
export function actInWords({ act, because, gear }: Pick<Due, 'act' | 'because' | 'gear'>): string {
  const { lentTo, borrowedFrom } = gear;
  switch (act) {
    case 'inspect':
      return 'look it over';
    case 'rotate':
      return 'use it up and renew it';
    case 'recharge':
      return 'charge it';
    case 'test':
      return 'try it';
    case 'clean':
      return 'clean it';
    case 'dry':
      return 'air and dry it';
    case 'get back':
      return `get it back${lentTo === null ? '' : ` from ${lentTo}`}`;
    case 'give back':
      return `give it back${borrowedFrom === null ? '' : ` to ${borrowedFrom}`}`;
    case 'put back':
      return 'put it back where it was taken from';
    case 'replace':
      if (because === 'printed' && contracts.includes(gear.kind ?? '')) return 'renew its contract';
      return because === 'printed' ? 'its date: renew it' : 'renew it';
  }
}
