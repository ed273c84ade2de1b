import { create } from 'zustand';
import {
  askForFolder,
  chooseFolder,
  chosenFolder,
  forgetFolder,
  isOpenTo,
  type Folder,
} from '@/store/back-up-folder';
import { prefer } from '@/store/preferences';

/** How the folder stands in which a back-up is kept up to date. */
export type FolderState =
  | { readonly state: 'none' }
  /** The browser wants its owner to open it again. */
  | { readonly state: 'closed'; readonly folder: Folder }
  | { readonly state: 'open'; readonly folder: Folder; readonly said: string };

export const useFolder = create<FolderState>(() => ({ state: 'none' }));

function stand(state: FolderState): void {
  useFolder.setState(state, true);
}

/** Takes up the folder that was chosen before. */
export async function findFolder(): Promise<void> {
  if (useFolder.getState().state !== 'none') return;
  const folder = await chosenFolder();
  if (!folder) return;
  const isOpen = (await isOpenTo(folder)) === 'yes';
  stand(isOpen ? { state: 'open', folder, said: '' } : { state: 'closed', folder });
}

export async function pickFolder(): Promise<void> {
  const folder = await chooseFolder();
  if (!folder) return;
  stand({ state: 'open', folder, said: 'Writing soon.' });
  prefer({ hasFolder: true });
}

export async function openFolderAgain(folder: Folder): Promise<void> {
  if (await askForFolder(folder)) stand({ state: 'open', folder, said: 'Writing soon.' });
}

export async function leaveFolder(): Promise<void> {
  await forgetFolder();
  stand({ state: 'none' });
  prefer({ hasFolder: false });
}

export function folderSays(folder: Folder, said: string): void {
  stand({ state: 'open', folder, said });
}
