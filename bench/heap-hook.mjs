// Loaded into the application that is measured: answers how much of its heap is in use after a forced collection.
import { createServer } from 'node:http';
import v8 from 'node:v8';
import vm from 'node:vm';

v8.setFlagsFromString('--expose_gc');
const collect = vm.runInNewContext('gc');
const port = Number(process.env.ROSE_HEAP_PORT ?? 0);
if (port > 0)
  createServer((_asked, answer) => {
    collect();
    answer.end(String(process.memoryUsage().heapUsed));
  })
    .on('error', () => undefined)
    .listen(port, '127.0.0.1')
    .unref();
