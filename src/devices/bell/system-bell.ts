import type { Bell } from './bell';

/** The notices of the system that the browser runs on, which it shows only where its owner said so. */
export const systemBell: Bell = {
  ask: async () => {
    if (typeof Notification === 'undefined') return false;
    return (await Notification.requestPermission()) === 'granted';
  },
  ring: (title, line) => {
    if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return;
    try {
      new Notification(title, { body: line, tag: 'vivid-acorn-due', icon: '/icons/icon-192.png' });
    } catch {
      // Some browsers show none but through a service worker: the line in the application is there all the same.
    }
  },
};
