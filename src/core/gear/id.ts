/** Whether a text can be an id: 1 to 64 letters, digits, - and _, the first a letter or a digit. */
export function isId(text: string): boolean {
  return idPattern.test(text);
}

export const idPattern = /^[A-Za-z0-9][A-Za-z0-9_-]{0,63}$/;
