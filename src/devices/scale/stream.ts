import * as v from 'valibot';
import type { ScaleWords } from './simulated-link';
import type { SimulatedScale } from './simulated-scale';

/** Ten readings a second. */
const everyMs = 100;

/** The readings of a scale as server-sent events, until the listener is gone or the plug is pulled. */
export function readingsOf(scale: SimulatedScale): ReadableStream<Uint8Array> {
  const encoder = new TextEncoder();
  let timer: NodeJS.Timeout | undefined;
  let last = performance.now();
  return new ReadableStream({
    start(controller) {
      timer = setInterval(() => {
        const now = performance.now();
        const reading = scale.after(now - last);
        last = now;
        if (scale.isPlugged) {
          controller.enqueue(encoder.encode(`data: ${JSON.stringify(reading)}\n\n`));
        } else {
          clearInterval(timer);
          controller.close();
        }
      }, everyMs);
    },
    cancel() {
      clearInterval(timer);
    },
  });
}

const wordsSchema = v.variant('do', [
  v.strictObject({
    do: v.literal('lay'),
    massG: v.pipe(v.number(), v.finite(), v.minValue(0), v.maxValue(1e6)),
  }),
  v.strictObject({ do: v.literal('tare') }),
  v.strictObject({ do: v.literal('unplug') }),
  v.strictObject({ do: v.literal('plug') }),
]);

/** What is said to a scale; null where it is nothing that can be. */
export function wordsIn(text: string): ScaleWords | null {
  try {
    const read = v.safeParse(wordsSchema, JSON.parse(text));
    return read.success ? read.output : null;
  } catch {
    return null;
  }
}
