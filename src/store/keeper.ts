import type { Outcome } from '@/core/quantity';
import { advance, emptyBench, historyOf, type Act, type Bench, type History } from '@/core/loadout';
import { load, save, type Database, type Saved } from './database';

/** How what is on screen stands to what is on the disk. */
export type Saving =
  | { readonly state: 'saved' }
  | { readonly state: 'saving' }
  /** The browser gives no storage: all is kept in memory only. */
  | { readonly state: 'not kept' }
  | { readonly state: 'failed'; readonly why: string };

export interface Kept {
  readonly history: History;
  readonly saving: Saving;
  /** Something another window's saving made impossible, for the person to know. */
  readonly notice: string | null;
}

/** How windows tell each other that they have saved. */
export interface OtherWindows {
  postMessage(message: unknown): void;
  onmessage: ((event: MessageEvent) => void) | null;
}

/**
 * Keeps the bench: acts show at once and are saved one after the other, each in one transaction.
 *
 * Where another window saved in between, its state is read and the acts that are not saved yet are done
 * again on top of it.
 */
export class Keeper {
  private saved: Saved = { revision: 0, history: historyOf(emptyBench) };
  private waiting: Act[] = [];
  private working: Promise<void> | null = null;
  private kept: Kept = {
    history: this.saved.history,
    saving: { state: 'saved' },
    notice: null,
  };

  constructor(
    private readonly database: Database | null,
    private readonly windows: OtherWindows | null,
    private readonly tell: (kept: Kept) => void,
  ) {
    if (windows) windows.onmessage = () => void this.readAgain();
  }

  /**
   * Reads what is saved; a database that was never saved to is filled with what `first` gives. Where that cannot
   * be had, the bench opens empty, and is asked for it again the next time.
   */
  async open(first: (() => Promise<Bench>) | null): Promise<void> {
    if (this.database) this.saved = await load(this.database);
    const begins = this.saved.revision === 0 && first ? await first().catch(() => null) : null;
    if (this.database && begins) await this.saveFirst(this.database, historyOf(begins));
    const history = this.database || !begins ? this.saved.history : historyOf(begins);
    this.show({ history, saving: this.database ? { state: 'saved' } : { state: 'not kept' } });
  }

  /** Does an act on what is shown, and saves it. What is refused changes nothing. */
  act(act: Act): Outcome<History> {
    const next = advance(this.kept.history, act);
    if (!next.ok || next.value === this.kept.history) return next;
    if (!this.database) {
      this.show({ history: next.value, notice: null });
      return next;
    }
    this.waiting.push(act);
    this.show({ history: next.value, saving: { state: 'saving' }, notice: null });
    void this.saveWaiting();
    return next;
  }

  /** Resolves when all that is shown is on the disk, or saving has failed. */
  async settled(): Promise<void> {
    while (this.working) await this.working;
  }

  /** Tries again after saving failed. */
  async saveWaiting(): Promise<void> {
    if (this.working) return this.working;
    this.working = this.saveAll().finally(() => {
      this.working = null;
    });
    return this.working;
  }

  private async saveFirst(database: Database, history: History): Promise<void> {
    const saved = await save(database, this.saved, history);
    this.saved = saved === 'stale' ? await load(database) : saved;
  }

  private async saveAll(): Promise<void> {
    const database = this.database;
    if (!database) return;
    try {
      while (this.waiting.length > 0) {
        const next = advance(this.saved.history, this.waiting[0]!);
        if (!next.ok) {
          this.waiting.shift();
          this.showAgain(`Another window changed this: “${next.problem.message}”`);
          continue;
        }
        const saved = await save(database, this.saved, next.value);
        if (saved === 'stale') {
          this.saved = await load(database);
          this.showAgain(null);
          continue;
        }
        this.saved = saved;
        this.waiting.shift();
        this.windows?.postMessage(saved.revision);
      }
      this.show({ saving: { state: 'saved' } });
    } catch (error) {
      const why = error instanceof Error ? error.message : String(error);
      this.show({ saving: { state: 'failed', why } });
    }
  }

  private async readAgain(): Promise<void> {
    if (!this.database) return;
    await this.settled();
    const found = await load(this.database);
    if (found.revision <= this.saved.revision) return;
    this.saved = found;
    this.showAgain(null);
  }

  /** Shows what is saved with the acts on top that are not saved yet. */
  private showAgain(notice: string | null): void {
    const history = this.waiting.reduce((before, act) => {
      const next = advance(before, act);
      return next.ok ? next.value : before;
    }, this.saved.history);
    this.show({ history, notice: notice ?? this.kept.notice });
  }

  private show(part: Partial<Kept>): void {
    this.kept = { ...this.kept, ...part };
    this.tell(this.kept);
  }
}
