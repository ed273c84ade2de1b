/** Bytes as base64. */
export function inBase64(bytes: Uint8Array): string {
  // Too many arguments at once are too many for a call.
  const pieces: string[] = [];
  for (let at = 0; at < bytes.length; at += 0x8000) {
    pieces.push(String.fromCharCode(...bytes.subarray(at, at + 0x8000)));
  }
  return btoa(pieces.join(''));
}

/** The bytes of a base64 text; throws where it is none. */
export function bytesOfBase64(base64: string): Uint8Array<ArrayBuffer> {
  const letters = atob(base64);
  const bytes = new Uint8Array(letters.length);
  for (let at = 0; at < letters.length; at += 1) bytes[at] = letters.charCodeAt(at);
  return bytes;
}
