import 'fake-indexeddb/auto';
import { demoBench } from '@/core/demo';
import { redoing, undoing, type Act, type Command, type History } from '@/core/loadout';
import { Connection } from '@/store/connection';
import { load, openDatabase, type Database } from '@/store/database';
import { Keeper, type Kept, type OtherWindows } from '@/store/keeper';

let nextName = 0;

export function connectionTo(database: Database): Connection {
  return new Connection(() => Promise.resolve(database));
}

/** What is saved, which must be sound. */
export async function savedIn(database: Database): Promise<History> {
  const found = await load(database);
  if (!found.ok) throw new Error(found.bad.why);
  return found.saved.history;
}

function nothingTo(act: 'undo' | 'redo'): Act {
  return { act, entry: 'nothing', label: 'nothing' };
}

let acts = 0;

/** Windows on one database that hear of each other's savings. */
export class House {
  readonly name = `bench-${(nextName += 1)}`;
  private readonly doors: OtherWindows[] = [];

  async window(
    options: {
      readonly deaf?: boolean;
      readonly first?: typeof demoBench;
      readonly connect?: (database: Database) => Connection;
    } = {},
  ) {
    const shown: { kept?: Kept } = {};
    const database = await openDatabase(this.name);
    const door: OtherWindows = {
      onmessage: null,
      postMessage: (data) => {
        for (const other of this.doors) {
          if (other !== door) other.onmessage?.({ data } as MessageEvent);
        }
      },
    };
    if (!options.deaf) this.doors.push(door);
    const connection = (options.connect ?? connectionTo)(database);
    const keeper = new Keeper(connection, door, (kept) => (shown.kept = kept));
    const { first } = options;
    await keeper.open(first ? () => Promise.resolve(first) : null);
    await keeper.settled();
    return {
      keeper,
      database,
      undo: () => keeper.act(undoing(shown.kept!.history) ?? nothingTo('undo')),
      redo: () => keeper.act(redoing(shown.kept!.history) ?? nothingTo('redo')),
      kit: () => shown.kept!.history.bench.loadouts.get('float-pouch-kit')!,
      bench: () => shown.kept!.history.bench,
      kept: () => shown.kept!,
    };
  }
}

export function rename(name: string): Act {
  return doing({ do: 'change kit', id: 'float-pouch-kit', change: { name } });
}

export function doing(command: Command): Act {
  return { act: 'do', command, id: `act-${(acts += 1)}` };
}

/** Lets the other window's reading finish. */
export async function quiet() {
  for (let turn = 0; turn < 20; turn += 1) await new Promise((resolve) => setTimeout(resolve, 0));
}
