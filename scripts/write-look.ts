import { writeFileSync } from 'node:fs';
import { baseLook } from './base-look';

/** Writes the look that no component has of its own, so that no window works it out. */
writeFileSync('src/ui/theme/base-look.css', baseLook());
