/** A fault put into the program, and the tests that must see it. */
export interface Mutant {
  readonly file: string;
  readonly find: string;
  readonly instead: string;
  readonly tests: string;
}

/** Places where a fault once went unseen, or would be dear. By hand: `npm run bench:mutants`, or with part of a file’s name. */
export const mutants: readonly Mutant[] = [
  { file: 'src/core/fit/load/verify.ts', find: 'if (stowed.more && !hangsTogether(blocks, item.form)) {', instead: 'if (false as boolean) {', tests: 'fit/load/verify' },
  { file: 'src/core/fit/load/verify.ts', find: 'Math.min(...blocks.flatMap(({ sizeMm }) => sizeMm)) >= form.thinnestMm - slack &&', instead: 'true &&', tests: 'fit/load/verify' },
  { file: 'src/core/fit/load/verify.ts', find: 'volumeMl <= form.looseMl * (1 + slack) &&', instead: 'true &&', tests: 'fit/load/verify' },
  { file: 'src/core/fit/load/verify-nest.ts', find: 'isInside(block, room) &&', instead: 'true &&', tests: 'fit/load' },
  { file: 'src/core/fit/load/verify.ts', find: '!before.some((other) => overlap(block, other)))', instead: 'true)', tests: 'fit/load/verify' },
  { file: 'src/core/fit/load/verify-nest.ts', find: 'host.axis === null || ring.axis !== host.axis', instead: 'host.axis === null', tests: 'fit/load/verify' },
  { file: 'src/core/pack/choice.ts', find: 'other !== cargo.id && areApart(cargo.gear, lying.gearOf(other))', instead: 'false as boolean', tests: 'core/pack' },
  { file: 'src/core/fit/fixes.ts', find: 'leftIn(place) === 0) && !spoils(around)', instead: 'leftIn(place) === 0)', tests: 'fit/fixes' },
  { file: 'src/core/fit/fixes.ts', find: 'if (leftIn(there!) > 0 || spoils(aroundThere)) return null;', instead: '', tests: 'fit/fixes' },
  { file: 'src/core/fit/items.ts', find: 'isFilled ? null : hollowOf(gear)', instead: 'hollowOf(gear)', tests: 'core/fit' },
  { file: 'src/core/fit/cavity-load.ts', find: "=== 'body';", instead: "=== 'mat';", tests: 'fit/cavity-load' },
  { file: 'src/core/fit/load/placing.ts', find: 'load.isWorn ?', instead: '(false as boolean) ?', tests: 'fit/load/search' },
  { file: 'src/core/loadout/totals.ts', find: 'Math.max(clothMl + contents.bulk.looseMl, own.looseMl)', instead: 'clothMl + contents.bulk.looseMl', tests: 'loadout/totals' },
  { file: 'src/core/loadout/totals.ts', find: 'if (kept?.shelf === shelf)', instead: 'if (kept)', tests: 'loadout/totals' },
  { file: 'src/workers/beside.ts', find: "worker.addEventListener('error', fail);", instead: '', tests: 'workers/beside' },
  { file: 'src/workers/beside.ts', find: 'if (this.running?.failure === failure) this.running = null;', instead: 'this.running = null;', tests: 'workers/beside' },
  { file: 'src/workers/slices.ts', find: 'cancelled.delete(id);', instead: '', tests: 'workers/stow-worker' },
  { file: 'src/ui/kit/stowings.ts', find: "state !== 'failed' && ", instead: '', tests: 'ui/stowings' },
  { file: 'src/ui/kit/stowings.ts', find: 'before && before.placed.length > stowage.placed.length ? before : stowage', instead: 'stowage', tests: 'ui/stowings' },
  { file: 'src/store/photos.ts', find: 'if (unnamed.has(key)) await database', instead: 'await database', tests: 'store/photos' },
  { file: 'src/core/loadout/extent.ts', find: 'entries: placements.length + modules.length,', instead: 'entries: placements.length,', tests: 'loadout/extent' },
  { file: 'src/core/loadout/extent.ts', find: 'own.deepAt(place) + extent.holdersDeep', instead: 'extent.holdersDeep', tests: 'loadout/extent' },
  { file: 'src/core/loadout/extent.ts', find: 'kitsDeep = Math.max(kitsDeep, 1 + extent.kitsDeep);', instead: '', tests: 'loadout/extent' },
  { file: 'src/core/loadout/apply.ts', find: 'return problem ? refused(problem.message, problem.field) : next;', instead: 'return next;', tests: 'loadout/extent' },
  { file: 'src/core/loadout/apply.ts', find: 'return done(withLanesKept({ ...bench, shelf }, replaced));', instead: 'return done({ ...bench, shelf });', tests: 'loadout' },
  { file: 'src/core/loadout/keeping.ts', find: 'more.slice(0, mostGear - shelf.size)', instead: 'more', tests: 'loadout/put-back' },
  { file: 'src/core/loadout/keeping.ts', find: 'whyNotLaidFor(shelf.get(gear)!, laidFor) === null ? laidFor : null', instead: 'laidFor', tests: 'loadout/put-back' },
  { file: 'src/core/loadout/history.ts', find: 'if (entry.at !== cursor || cursor !== history.cursor + 1) return null;', instead: '', tests: 'loadout/history' },
  { file: 'src/core/loadout/using.ts', find: 'massWithoutContentsG(gear) < leastReelG', instead: 'true', tests: 'loadout/using' },
  { file: 'src/core/loadout/using.ts', find: 'new Set([gear.id, ...fresh]).size <= fresh.length', instead: 'false', tests: 'loadout/using' },
  { file: 'src/core/gear/soundness.ts', find: 'contents.massG > massG', instead: 'false', tests: 'exchange/hostile' },
  { file: 'src/core/gear/soundness.ts', find: "if (seen.has(job)) return problem(`supplies[${at}].job`, says.jobTwice(job));", instead: '', tests: 'exchange/hostile' },
  { file: 'src/core/exchange/json-text.ts', find: 'if (character === backslash) at += 1;', instead: 'if (false as boolean) at += 1;', tests: 'exchange/file' },
  { file: 'src/core/exchange/json-text.ts', find: 'if (nodes > mostNodes)', instead: 'if (false as boolean)', tests: 'exchange/hostile' },
  { file: 'src/core/exchange/quotes.ts', find: 'if (swallows(cell, separator, columns))', instead: 'if (false as boolean)', tests: 'exchange/nasty' },
  { file: 'src/core/exchange/table.ts', find: 'numbers.push(number);', instead: 'numbers.push(rows.length);', tests: 'exchange/nasty' },
  { file: 'src/core/exchange/bring-in.ts', find: "onClash === 'keep both' && bench.shelf.has(id) ? newId() : id", instead: 'id', tests: 'exchange/bring-in' },
  { file: 'src/core/exchange/bring-in.ts', find: 'onGear(loadout, gear.ids, pricesLeftBehind)', instead: 'loadout', tests: 'exchange/bring-in' },
  { file: 'src/store/database.ts', find: "{ durability: 'strict' }", instead: '{}', tests: 'store/database' },
  { file: 'src/store/database.ts', find: 'blocking: () => onBlocking?.(),', instead: '', tests: 'store/database' },
  { file: 'src/store/keeper.ts', find: 'await this.settled();\n    const standing = await this.connection', instead: 'const standing = await this.connection', tests: 'store/windows' },
  { file: 'src/store/keeper.ts', find: 'const isSaved = this.isSavedAlready(act);', instead: 'const isSaved = false as boolean;', tests: 'store/keeper' },
  { file: 'src/store/connection.ts', find: 'if (!isClosed(error)) throw error;', instead: 'throw error;', tests: 'store/keeper' },
  { file: 'src/store/set-aside.ts', find: "part === 'gear' ? withoutGear(loadout, key) : withoutKit(loadout, key)", instead: 'loadout', tests: 'store/database' },
]; // prettier-ignore
