import {
  isOnGround,
  treeOf,
  gearOf,
  totalsOf,
  type Loadout,
  type Place,
  type Shelf,
} from '../loadout';
import { keyOfRoom } from './rooms';

/** What lies in every room of a kit while it is packed, added up as pieces come and go: mL pressed tight, g, and which. */
export class Sums {
  private readonly roomMl = new Map<string, number>();
  private readonly roomG = new Map<string, number>();
  private readonly loadG = new Map<string, number>();
  private readonly ml = new Map<string, number>();
  private readonly g = new Map<string, number>();
  private readonly inRoom = new Map<string, Set<string>>();
  private readonly place = new Map<string, Place>();

  /** @param loadout with what is to be packed lying on its mat, kits that go along laid in. */
  constructor(
    loadout: Loadout,
    private readonly shelf: Shelf,
  ) {
    const tree = treeOf(loadout);
    const { branches } = totalsOf(loadout, shelf);
    for (const placement of loadout.placements) {
      const { id, place } = placement;
      const { massG, bulk } = branches.get(id) ?? { massG: 0, bulk: { tightMl: 0 } };
      this.place.set(id, place);
      this.ml.set(id, bulk.tightMl);
      this.g.set(id, massG);
      this.loadG.set(
        id,
        tree.within(id).reduce((sum, inner) => sum + (branches.get(inner.id)?.massG ?? 0), 0),
      );
      if (isOnGround(place)) continue;
      const key = keyOfRoom(place);
      this.contents(key).add(id);
      add(this.roomMl, key, bulk.tightMl);
      add(this.roomG, key, massG);
    }
    this.soft = new Set(
      loadout.placements
        .filter((placement) => gearOf(this.shelf, placement).form?.shape === 'soft')
        .map(({ id }) => id),
    );
  }

  private readonly soft: ReadonlySet<string>;

  placeOf(id: string): Place {
    return this.place.get(id)!;
  }

  mlOf(id: string): number {
    return this.ml.get(id) ?? 0;
  }

  massOf(id: string): number {
    return this.g.get(id) ?? 0;
  }

  mlIn(key: string): number {
    return this.roomMl.get(key) ?? 0;
  }

  massIn(key: string): number {
    return this.roomG.get(key) ?? 0;
  }

  loadOf(holder: string): number {
    return this.loadG.get(holder) ?? 0;
  }

  contents(key: string): Set<string> {
    const there = this.inRoom.get(key);
    if (there) return there;
    const none = new Set<string>();
    this.inRoom.set(key, none);
    return none;
  }

  /** Whether bringing something of so many mL makes what lies round a holder fuller: cloth grows, a tin does not. */
  grows(holder: string): boolean {
    return this.soft.has(holder);
  }

  bring(id: string, to: Place): void {
    this.count(id, -1);
    this.place.set(id, to);
    this.count(id, 1);
  }

  private count(id: string, sign: 1 | -1): void {
    let at = this.placeOf(id);
    const g = sign * this.massOf(id);
    let ml = sign * this.mlOf(id);
    if (isOnGround(at)) return;
    const inside = this.contents(keyOfRoom(at));
    if (sign === 1) inside.add(id);
    else inside.delete(id);
    while (!isOnGround(at)) {
      const holder = at.in;
      add(this.roomMl, keyOfRoom(at), ml);
      add(this.roomG, keyOfRoom(at), g);
      add(this.loadG, holder, g);
      add(this.g, holder, g);
      if (!this.grows(holder)) ml = 0;
      add(this.ml, holder, ml);
      at = this.placeOf(holder);
    }
  }
}

function add(sums: Map<string, number>, key: string, by: number): void {
  sums.set(key, (sums.get(key) ?? 0) + by);
}
