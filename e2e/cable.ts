import { createServer, connect, type Socket } from 'node:net';

/** A TCP proxy between browser and application that can be cut, slow, or deaf (takes the request and loses the answer). */
export interface Cable {
  port: number;
  mode: 'whole' | 'cut' | 'slow' | 'deaf';
  /** Points the cable at another port: the application came back elsewhere. */
  to: number;
  close(): Promise<void>;
}

export function lay(to: number): Promise<Cable> {
  const open = new Set<Socket>();
  const server = createServer((browser) => {
    open.add(browser);
    browser.on('error', () => undefined).on('close', () => open.delete(browser));
    if (cable.mode === 'cut') return void browser.destroy();
    const application = connect(cable.to, '127.0.0.1');
    open.add(application);
    application
      .on('error', () => browser.destroy())
      .on('close', () => {
        open.delete(application);
        browser.end();
      });
    browser.on('close', () => application.destroy());
    const pass = (from: Socket, into: Socket, loses: () => boolean) =>
      from.on('data', (chunk) => {
        if (cable.mode === 'cut') return void from.destroy();
        if (loses()) return;
        if (cable.mode === 'slow') setTimeout(() => into.writable && into.write(chunk), 400);
        else into.write(chunk);
      });
    pass(browser, application, () => false);
    pass(application, browser, () => cable.mode === 'deaf');
  });
  const cable: Cable = {
    port: 0,
    to,
    get mode() {
      return mode;
    },
    set mode(next) {
      mode = next;
      // A cut cable also ends what is open; deaf and slow ones begin with what comes next.
      if (next === 'cut') for (const socket of open) socket.destroy();
    },
    close: () =>
      new Promise((resolve) => {
        for (const socket of open) socket.destroy();
        server.close(() => resolve());
      }),
  };
  let mode: Cable['mode'] = 'whole';
  return new Promise((resolve) => {
    server.listen(0, '127.0.0.1', () => {
      const address = server.address();
      cable.port = typeof address === 'object' && address !== null ? address.port : 0;
      resolve(cable);
    });
  });
}
