import type { Listener, Reading, Scale } from './scale';

/** The simulated scale over its stream, with the hands that a real one needs none of. */
export class SimulatedLink implements Scale {
  private readonly address: string;

  constructor(name: string) {
    this.address = `/api/scale/${name}`;
  }

  listen({ onReading, onLink }: Listener): () => void {
    onLink('connecting');
    const stream = new EventSource(this.address);
    stream.onopen = () => onLink('live');
    stream.onmessage = ({ data }: MessageEvent<string>) => onReading(JSON.parse(data) as Reading);
    stream.onerror = () => {
      stream.close();
      onLink('lost');
    };
    return () => stream.close();
  }

  async tare(): Promise<void> {
    await this.say({ do: 'tare' });
  }

  /** What lies on the pan, in g. */
  async lay(massG: number): Promise<void> {
    await this.say({ do: 'lay', massG });
  }

  async unplug(): Promise<void> {
    await this.say({ do: 'unplug' });
  }

  async plug(): Promise<void> {
    await this.say({ do: 'plug' });
  }

  /** A scale that cannot be reached tells so by its stream; what is said to it then is lost without harm. */
  private async say(words: ScaleWords): Promise<void> {
    await fetch(this.address, { method: 'POST', body: JSON.stringify(words) }).catch(
      () => undefined,
    );
  }
}

/** What the stand-in is told over the line. */
export type ScaleWords =
  | { readonly do: 'lay'; readonly massG: number }
  | { readonly do: 'tare' }
  | { readonly do: 'unplug' }
  | { readonly do: 'plug' };
