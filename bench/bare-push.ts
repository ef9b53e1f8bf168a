import { createServer, type ServerResponse } from 'node:http';

/** The least a server can do: it holds sockets, and pushes the bytes it is told to all of them. */
const open = new Set<ServerResponse>();
const server = createServer((asked, answer) => {
  if (asked.method === 'GET') {
    answer.writeHead(200, { 'content-type': 'text/event-stream', 'cache-control': 'no-cache' });
    answer.flushHeaders();
    open.add(answer);
    answer.on('close', () => open.delete(answer));
    return;
  }
  let text = '';
  asked.setEncoding('utf8').on('data', (chunk: string) => (text += chunk));
  asked.on('end', () => {
    const bytes = Buffer.from(text);
    for (const one of open) one.write(bytes);
    answer.end('ok');
  });
});
server.listen(0, '127.0.0.1', () => {
  const address = server.address();
  process.send?.({ port: typeof address === 'object' && address !== null ? address.port : 0 });
});
