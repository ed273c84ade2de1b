/** An id for something new: short, random, the same kind that files allow. */
export function newId(): string {
  return crypto.randomUUID().replaceAll('-', '').slice(0, 16);
}
