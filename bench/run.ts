import { benchBrowser } from './browser';
import { benchCore } from './core';

/** `npm run bench`, or with `-- core` or `-- browser` one half of it. */
const [only] = process.argv.slice(2);
if (only !== 'browser') benchCore();
if (only !== 'core') await benchBrowser();
