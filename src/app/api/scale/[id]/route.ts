import { scaleNamed } from '@/devices/scale/bench-of-scales';
import { boundedText } from '@/devices/bounded-text';
import { isOwnOrigin } from '@/devices/own-origin';
import { readingsOf, wordsIn } from '@/devices/scale/stream';

interface Context {
  readonly params: Promise<{ readonly id: string }>;
}

/** The readings of the simulated scale as server-sent events; 503 while it is unplugged. */
export async function GET(_request: Request, { params }: Context): Promise<Response> {
  const scale = scaleNamed((await params).id);
  if (!scale.isPlugged) return new Response('The scale is unplugged.', { status: 503 });
  return new Response(readingsOf(scale), {
    headers: {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store, no-transform',
      'x-accel-buffering': 'no',
    },
  });
}

/** What is said to a scale is short. */
const mostBytes = 1000;

/** What a hand does to the scale: lays something on it, tares it, pulls its plug. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  if (!isOwnOrigin(request.headers))
    return new Response('Only its own pages do this.', { status: 403 });
  const text = await boundedText(request, mostBytes);
  if (text === null) return new Response('This is too long.', { status: 413 });
  const words = wordsIn(text);
  if (!words) return new Response('This is nothing that is done to a scale.', { status: 400 });
  const scale = scaleNamed((await params).id);
  switch (words.do) {
    case 'lay':
      scale.lay(words.massG);
      break;
    case 'tare':
      scale.tare();
      break;
    case 'unplug':
    case 'plug':
      scale.isPlugged = words.do === 'plug';
      break;
  }
  return new Response(null, { status: 204 });
}
