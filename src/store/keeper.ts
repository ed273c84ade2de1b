import { done, type Outcome } from '@/core/quantity';
import {
  following,
  historyOf,
  type Act,
  type Bench,
  type History,
  type Step,
} from '@/core/loadout';
import { actsAtHand, fetchActs } from './acts';
import type { BadRecord } from './bad-record';
import type { Connection } from './connection';
import {
  load,
  neverSaved,
  save,
  saveToCleared,
  standingOf,
  type Gone,
  type Saved,
  type Standing,
} from './database';
import { whyFailed } from './why-failed';

/** How what is on screen stands to what is on the disk. */
export type Saving =
  | { readonly state: 'saved' }
  | { readonly state: 'saving' }
  /** The browser gives no storage: all is kept in memory only. */
  | { readonly state: 'not kept' }
  | { readonly state: 'failed'; readonly why: string }
  /** The browser has cleared the disk under this window, which has the last copy: nothing is saved until it is told to. */
  | { readonly state: 'gone'; readonly gone: Gone };

export interface Kept {
  readonly history: History;
  readonly saving: Saving;
  /** Something another window's saving made impossible, for the person to know. */
  readonly notice: string | null;
}

/** How long after it is shown what a bench begins with is saved, in ms. */
const afterFirstScreenMs = 400;

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
  private saved: Saved = neverSaved;
  /** What the bench begins with, until it is on the disk. */
  private begins: History | null = null;
  private waiting: Act[] = [];
  /** Acts from before what does them was here. */
  private early: Act[] = [];
  private working: Promise<void> | null = null;
  private kept: Kept = {
    history: this.saved.history,
    saving: { state: 'saved' },
    notice: null,
  };

  constructor(
    private readonly connection: Connection | null,
    private readonly windows: OtherWindows | null,
    private readonly tell: (kept: Kept) => void,
  ) {
    if (windows) windows.onmessage = ({ data }) => this.hear(data);
  }

  /**
   * Reads what is saved; a database that was never saved to is filled with what `first` gives. Where that cannot
   * be had, the bench opens empty, and is asked for it again the next time; where it cannot be saved, it is shown, and
   * said to be not saved. Gives the first record that is none, and then nothing is shown.
   */
  async open(first: (() => Promise<Bench>) | null): Promise<BadRecord | null> {
    if (this.connection) {
      const found = await this.connection.use(load);
      if (!found.ok) return found.bad;
      this.saved = found.saved;
    }
    const begins = this.saved.revision === 0 && first ? await first().catch(() => null) : null;
    this.begins = begins ? historyOf(begins) : null;
    this.show({
      history: this.begins ?? this.saved.history,
      saving: { state: !this.connection ? 'not kept' : this.begins ? 'saving' : 'saved' },
    });
    // Nobody waits for the disk to see what it will hold; what is drawn first is not held up by it either.
    if (this.begins) setTimeout(() => void this.saveWaiting(), afterFirstScreenMs);
    return null;
  }

  /**
   * Does an act on what is shown, and saves it. What is refused changes nothing. In the moment after the first screen, when
   * what does acts is still under way, an act waits for it, and what refuses it then is told as a notice.
   */
  act(act: Act): Outcome<History> {
    const acts = actsAtHand();
    if (acts === null || this.early.length > 0) {
      this.early.push(act);
      void this.doEarly();
      return done(this.kept.history);
    }
    const next = acts.advance(this.kept.history, act);
    if (!next.ok || next.value === this.kept.history) return next;
    if (!this.connection) {
      this.show({ history: next.value, notice: null });
      return next;
    }
    this.waiting.push(act);
    if (this.kept.saving.state === 'gone') {
      this.show({ history: next.value, notice: null });
      return next;
    }
    this.show({ history: next.value, saving: { state: 'saving' }, notice: null });
    void this.saveWaiting();
    return next;
  }

  private async doEarly(): Promise<void> {
    try {
      await fetchActs();
    } catch (error) {
      this.early = [];
      this.show({ notice: `Nothing was changed: ${whyFailed(error)}. Reload the page.` });
      return;
    }
    const early = this.early.splice(0);
    for (const act of early) {
      const next = this.act(act);
      if (!next.ok) this.show({ notice: next.problem.message });
    }
  }

  /** Resolves when all that is shown is on the disk, or saving has failed. */
  async settled(): Promise<void> {
    if (this.early.length > 0) await this.doEarly();
    if (this.begins) void this.saveWaiting();
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

  /**
   * Looks whether what was saved is still on the disk: the browser may clear it under an open window, where it runs out of
   * room or somebody tells it to.
   */
  async look(): Promise<void> {
    const { connection } = this;
    if (!connection) return;
    await this.settled();
    const standing = await connection.use((database) => standingOf(database, this.saved));
    if (standing === 'stale') await this.readAgain();
    else this.stand(standing);
  }

  /** Saves all that is shown to the disk that was cleared. */
  async saveToCleared(): Promise<void> {
    const { connection } = this;
    if (!connection || this.kept.saving.state !== 'gone') return;
    this.show({ saving: { state: 'saving' } });
    try {
      const all = { ...this.saved, history: this.kept.history };
      const saved = await connection.use((database) => saveToCleared(database, all));
      if (typeof saved === 'string') return this.stand(saved);
      this.saved = saved;
      this.waiting = [];
      this.show({ saving: { state: 'saved' } });
      this.windows?.postMessage({ revision: saved.revision });
    } catch (error) {
      this.show({ saving: { state: 'failed', why: whyFailed(error) } });
    }
  }

  /** Says that the bench is gone from the disk, or that it is back on it. */
  private stand(standing: Standing): void {
    if (standing === 'cleared' || standing === 'another bench') {
      this.show({ saving: { state: 'gone', gone: standing } });
    } else if (this.kept.saving.state === 'gone') this.show({ saving: { state: 'saved' } });
  }

  /** Saves what the bench begins with, where that is not on the disk yet. */
  private async saveFirst(): Promise<void> {
    const { begins } = this;
    if (!begins || !this.connection) return;
    const saved = await this.connection.use((database) => save(database, this.saved, begins));
    this.begins = null;
    if (typeof saved !== 'string') this.saved = saved;
    else {
      // Another window was first: its bench is the one.
      await this.loadSaved();
      this.showAgain(null);
    }
  }

  private async saveAll(): Promise<void> {
    const { connection } = this;
    if (!connection) return;
    try {
      await this.saveFirst();
      if (this.waiting.length === 0) {
        this.show({ saving: { state: 'saved' } });
        return;
      }
      const { advance, stepTo } = await fetchActs();
      for (let act = this.waiting[0]; act !== undefined; act = this.waiting[0]) {
        const isSaved = this.isSavedAlready(act);
        const next = advance(this.saved.history, act);
        if (isSaved || !next.ok) {
          this.waiting.shift();
          this.showAgain(isSaved || next.ok ? null : inItsWords(act, next.problem.message));
          continue;
        }
        const { value } = next;
        const saved = await connection.use((database) => save(database, this.saved, value));
        if (typeof saved === 'string') {
          if (saved === 'cleared' || saved === 'another bench') return this.stand(saved);
          await this.loadSaved();
          this.showAgain(null);
          continue;
        }
        this.saved = saved;
        this.waiting.shift();
        this.windows?.postMessage({ revision: saved.revision, step: stepTo(value, act) });
      }
      this.show({ saving: { state: 'saved' } });
    } catch (error) {
      this.show({ saving: { state: 'failed', why: whyFailed(error) } });
    }
  }

  /** Whether an act reached the disk though its saving was told as failed, as when a connection breaks at the end. */
  private isSavedAlready(act: Act): boolean {
    return act.act === 'do' && this.saved.history.entries.some(({ id }) => id === act.id);
  }

  /** Takes what is on the disk for what is saved, where it is this bench, saved by another window since. */
  private async loadSaved(): Promise<void> {
    const found = await this.connection!.use(load);
    if (!found.ok) throw new Error(`${found.bad.name} ${found.bad.why}`);
    this.saved = found.saved;
  }

  /** Another window has saved: its step is followed where it is the next, and all is read again where it is not. */
  private hear(told: unknown): void {
    const { revision, step } = (told ?? {}) as { revision?: number; step?: Step };
    const isNext = revision === this.saved.revision + 1 && !this.working && !this.begins;
    const history = isNext && step ? following(this.saved.history, step) : null;
    if (history) {
      this.saved = { ...this.saved, revision: revision!, history };
      this.showAgain(null);
    } else void this.readAgain().catch(() => undefined);
  }

  private async readAgain(): Promise<void> {
    if (!this.connection) return;
    await this.settled();
    const standing = await this.connection.use((database) => standingOf(database, this.saved));
    if (standing !== 'stale') return this.stand(standing);
    await this.loadSaved();
    this.showAgain(null);
    this.stand(standing);
    if (this.waiting.length > 0) void this.saveWaiting();
  }

  /** Shows what is saved with the acts on top that are not saved yet. */
  private showAgain(notice: string | null): void {
    const acts = actsAtHand();
    const history = this.waiting.reduce((before, act) => {
      const next = acts?.advance(before, act);
      return next?.ok ? next.value : before;
    }, this.begins ?? this.saved.history);
    this.show({ history, notice: notice ?? this.kept.notice });
  }

  private show(part: Partial<Kept>): void {
    this.kept = { ...this.kept, ...part };
    this.tell(this.kept);
  }
}

/** What kept an act that waited from being done after another window’s. */
function inItsWords(act: Act, message: string): string {
  return act.act === 'do' ? `Another window changed this: “${message}”` : message;
}
