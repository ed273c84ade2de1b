/** Hands a text to the browser as a file to keep. */
export function saveText(fileName: string, text: string, type = 'application/json'): void {
  saveBlob(fileName, new Blob([text], { type }));
}

/** Hands bytes to the browser as a file to keep. */
export function saveBlob(fileName: string, blob: Blob): void {
  const address = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = address;
  link.download = fileName;
  link.click();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}
