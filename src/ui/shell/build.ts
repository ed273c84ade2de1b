/** Names the build that this page is of; every build of other sources has another name. */
export const build = process.env.ACORN_BUILD ?? 'development';
