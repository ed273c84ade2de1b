/** The text of a request; null where it has more than `most` bytes: no more of it is read then. */
export async function boundedText(request: Request, most: number): Promise<string | null> {
  if (!request.body) return '';
  const decoder = new TextDecoder();
  let bytes = 0;
  let text = '';
  const reader = request.body.getReader();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) return text + decoder.decode();
    bytes += value.length;
    if (bytes > most) {
      await reader.cancel();
      return null;
    }
    text += decoder.decode(value, { stream: true });
  }
}
