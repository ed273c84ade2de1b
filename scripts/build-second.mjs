import { ensureInstalled } from './ensure-installed.mjs';
import { ensureSecondBuild } from './ensure-second-build.mjs';

ensureInstalled();
ensureSecondBuild();
