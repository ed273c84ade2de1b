import { ensureBuilt } from './ensure-built.mjs';
import { ensureInstalled } from './ensure-installed.mjs';

ensureInstalled();
ensureBuilt();
