/** Names the build that this page is of; every build of other sources has another name. */
export const build = process.env.ACORN_BUILD ?? 'development';

/** Says, for as long as this window is there, which build it is of: what that build keeps stays as long. */
export function holdBuild(): void {
  const window = Math.random().toString(36).slice(2);
  void navigator.locks?.request(
    `acorn-window ${build} ${window}`,
    { mode: 'shared' },
    () => new Promise(() => undefined),
  );
}
