import { byName } from '../quantity';
import type { Finding } from './finding';

/** What somebody does about a finding, in the order in which one goes about it. */
export const toDos = [
  'pack otherwise',
  'add or swap',
  'make ready and try',
  'renew and look after',
  'leave at home',
  'know',
] as const;
export type ToDo = (typeof toDos)[number];

const byRule = byName<ToDo>({
  'cover/all-in-one': 'pack otherwise',
  'cover/holder': 'pack otherwise',
  'make/ready': 'make ready and try',
  'harm/spills': 'pack otherwise',
  'harm/frost': 'pack otherwise',
  'fire/lighter-presses': 'make ready and try',
  'light/switches-on': 'make ready and try',
  'light/needless': 'leave at home',
  'cut/sheath': 'make ready and try',
  'aid/training': 'make ready and try',
  'warm/dry-set': 'pack otherwise',
  'harm/frost-filter': 'pack otherwise',
  'harm/frost-full': 'pack otherwise',
  'harm/heat': 'pack otherwise',
  'harm/aircraft': 'leave at home',
  'harm/burst': 'pack otherwise',
  'harm/fuel-food': 'pack otherwise',
  'harm/short': 'pack otherwise',
  'harm/closed-flame': 'know',
  'stow/limits': 'leave at home',
  'people/note': 'know',
});

const byFamily = byName<ToDo>({
  stow: 'pack otherwise',
  keep: 'renew and look after',
  trust: 'make ready and try',
  law: 'know',
  thrift: 'leave at home',
  brief: 'know',
  judge: 'know',
});

/** What is to be done about a finding; what nothing else is said of asks for another piece. */
export function toDoAbout({ rule }: Pick<Finding, 'rule'>): ToDo {
  return byRule.get(rule) ?? byFamily.get(rule.split('/')[0]!) ?? 'add or swap';
}
