import { databaseName } from './database';

/**
 * All that the database holds, as it stands, as JSON text: also where this program cannot read it, and whatever version
 * it is of. Pictures are told by their size alone.
 */
export async function rawData(name = databaseName): Promise<string> {
  const database = await opened(name);
  try {
    const stores: Record<string, readonly (readonly [key: unknown, value: unknown])[]> = {};
    for (const store of database.objectStoreNames) {
      const reading = database.transaction(store, 'readonly').objectStore(store);
      const [keys, values] = await Promise.all([
        answered(reading.getAllKeys()),
        answered(reading.getAll()),
      ]);
      stores[store] = keys.map((key, at) => [key, values[at] as unknown] as const);
    }
    return JSON.stringify({ database: name, version: database.version, stores }, plain, 1);
  } finally {
    database.close();
  }
}

/** Opens it at whatever version it is. Where there is none, none is made. */
function opened(name: string): Promise<IDBDatabase> {
  const request = indexedDB.open(name);
  request.onupgradeneeded = () => request.transaction?.abort();
  return answered(request);
}

function answered<T>(request: IDBRequest<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new Error('the database gave no answer'));
  });
}

function plain(_key: string, value: unknown): unknown {
  if (value instanceof Blob) return `a picture of ${value.size} bytes`;
  return typeof value === 'number' && !Number.isFinite(value) ? String(value) : value;
}
