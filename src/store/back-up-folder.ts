import { besideTheBench } from './bench';

/** A folder that the person chose, as the browser hands it out. */
export type Folder = FileSystemDirectoryHandle & {
  readonly queryPermission?: (how: { mode: 'readwrite' }) => Promise<PermissionState>;
  readonly requestPermission?: (how: { mode: 'readwrite' }) => Promise<PermissionState>;
};

type Chooses = { showDirectoryPicker?: (how: { mode: 'readwrite' }) => Promise<Folder> };

/** The file that is kept up to date in the folder. */
export const backUpFile = 'vivid-acorn-back-up.zip';

const key = 'back-up folder';

/** Whether this browser can keep a file up to date in a folder. */
export function canKeepFolder(): boolean {
  return besideTheBench() !== null && typeof (window as Chooses).showDirectoryPicker === 'function';
}

/** Lets the person choose a folder; null where they chose none. */
export async function chooseFolder(): Promise<Folder | null> {
  try {
    const folder = await (window as Chooses).showDirectoryPicker!({ mode: 'readwrite' });
    await besideTheBench()?.use((database) => database.put('preferences', folder, key));
    return folder;
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return null;
    throw error;
  }
}

/** The folder that was chosen; null where none was. */
export async function chosenFolder(): Promise<Folder | null> {
  const found = await besideTheBench()?.use((database) => database.get('preferences', key));
  return found instanceof FileSystemDirectoryHandle ? (found as Folder) : null;
}

export async function forgetFolder(): Promise<void> {
  await besideTheBench()?.use((database) => database.delete('preferences', key));
}

/** Whether the folder may be written to; `ask` where that needs a press of its owner. */
export async function isOpenTo(folder: Folder): Promise<'yes' | 'ask' | 'no'> {
  const state = (await folder.queryPermission?.({ mode: 'readwrite' })) ?? 'granted';
  return state === 'granted' ? 'yes' : state === 'prompt' ? 'ask' : 'no';
}

/** Asks for the folder again, after the browser was closed. Only a press of a button may do so. */
export async function askForFolder(folder: Folder): Promise<boolean> {
  return ((await folder.requestPermission?.({ mode: 'readwrite' })) ?? 'granted') === 'granted';
}

/** Writes the back-up: the old file stands until the new one is whole. */
export async function writeToFolder(folder: Folder, zip: Uint8Array<ArrayBuffer>): Promise<void> {
  const file = await folder.getFileHandle(backUpFile, { create: true });
  const writing = await file.createWritable();
  try {
    await writing.write(zip);
  } catch (error) {
    await writing.abort();
    throw error;
  }
  await writing.close();
}
