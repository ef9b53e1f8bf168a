import type { Figure } from './measure';
import type { Page } from './served';

type Session = Awaited<ReturnType<Page['createCDPSession']>>;

/** Script that a page fetches from here on, as served, compressed, by the browser's own network log. */
export class ScriptsLog {
  private readonly sizes = new Map<string, number>();
  private constructor(client: Session) {
    const scripts = new Map<string, string>();
    client.on('Network.responseReceived', (event) => event.type === 'Script' && scripts.set(event.requestId, event.response.url));
    client.on('Network.loadingFinished', (event) => {
      const script = scripts.get(event.requestId);
      if (script !== undefined) this.sizes.set(script, (this.sizes.get(script) ?? 0) + event.encodedDataLength);
    });
  }
  static async of(client: Session): Promise<ScriptsLog> {
    await client.send('Network.enable');
    return new ScriptsLog(client);
  }
  /** KiB so far, beside what they may be. */
  figure(name: string, says: string, reference: number): Figure {
    const kib = [...this.sizes.values()].reduce((sum, size) => sum + size, 0) / 1024;
    return {
      name,
      says,
      figure: Math.round(kib),
      unit: 'KiB',
      reference,
      ratio: kib / reference,
      goal: '≤ 1',
      met: kib <= reference,
      parts: [...this.sizes]
        .sort((a, b) => b[1] - a[1])
        .slice(0, 8)
        .map(([script, size]) => ({ name: script.split('/').at(-1)!, figure: Math.round(size / 1024) })),
    };
  }
}
