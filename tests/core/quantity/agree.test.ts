import { agree } from '@/core/quantity';

describe('a word that goes with a name', () => {
  it.each([
    'Matches',
    '8 AA batteries',
    'Copies of papers, sealed',
    'Storm matches in a case',
    'Tablets against diarrhoea',
    'Wool socks 2 pairs',
  ])('%s are', (name) => expect(agree([name], 'is', 'are')).toBe('are'));

  it.each([
    'Baseplate compass',
    'Box of matches',
    'Gas canister, 230 g',
    'Gas',
    'Fire lens',
    'Hammock with straps',
    'Cord 15 m',
    'Road map or atlas',
    'GPS',
    'Gps',
    '',
  ])('%s is', (name) => expect(agree([name], 'is', 'are')).toBe('is'));

  it('several are', () => expect(agree(['Pot', 'Gas'], 'is', 'are')).toBe('are'));
});
