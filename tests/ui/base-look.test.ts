import { readFileSync } from 'node:fs';
import { baseLook } from '../../scripts/base-look';

it('the look that every page is built on is the written one (npm run look writes it again)', () => {
  expect(readFileSync('src/ui/theme/base-look.css', 'utf8')).toBe(baseLook());
});
