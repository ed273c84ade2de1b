import { serializeStyles } from '@emotion/serialize';
import { compile, serialize, stringify } from 'stylis';
import { system } from '../src/ui/theme/system';

/**
 * What the look is built on, as a style sheet: colours and sizes by their names, the plain look of every element, and the
 * order of layers. It is written to `base-look.css` by `npm run look`, and a test holds the two equal.
 */
export function baseLook(): string {
  const styles = [system.layers.atRule, ...[system._global].flat()];
  const rules = serialize(compile(serializeStyles(styles as never).styles), stringify);
  return `/* Written by npm run look. */\n${rules.replace(/\}/g, '}\n')}`;
}
