/** The kit that the demo opens on. */
export const demoOpensOn = 'portage-pack-kit';
