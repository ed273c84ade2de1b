import type { Database } from './database';
import { named } from './why-failed';

/** A newer program has taken the database over, and this window lets it alone from then on. */
export class LeftBehind extends Error {}

/**
 * The connection to the database, opened when it is first used, and again where the browser has closed it. What is done
 * with it is done again once then: a closed connection refuses before anything is written.
 */
export class Connection {
  private opening: Promise<Database> | null = null;
  private isLeft = false;
  /** Until then nothing is asked of the browser. */
  private calm: Promise<void> | null = null;

  constructor(private readonly open: () => Promise<Database>) {}

  async use<T>(work: (database: Database) => Promise<T>): Promise<T> {
    const database = await this.opened();
    try {
      return await work(database);
    } catch (error) {
      if (!isClosed(error)) throw error;
    }
    this.lose();
    return work(await this.opened());
  }

  /** The browser has closed it: the next use opens it again, but not before so long. */
  lose(waitMs = 0): void {
    this.opening = null;
    this.calm = waitMs === 0 ? null : new Promise((resolve) => setTimeout(resolve, waitMs));
  }

  /** Lets it go for good. */
  leave(): void {
    this.isLeft = true;
    void this.opening?.then((database) => database.close()).catch(() => undefined);
    this.opening = null;
  }

  private opened(): Promise<Database> {
    if (this.isLeft) return Promise.reject(new LeftBehind('a newer program has the database'));
    if (this.opening) return this.opening;
    const opening = this.calm ? this.calm.then(() => this.open()) : this.open();
    opening.catch(() => {
      if (this.opening === opening) this.opening = null;
    });
    this.opening = opening;
    return opening;
  }
}

function isClosed(error: unknown): boolean {
  return named(error).name === 'InvalidStateError';
}
