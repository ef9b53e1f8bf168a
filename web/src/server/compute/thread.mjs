// Where a thread of the pool begins: the worker is run from its source, as the scripts are.
import { register } from 'tsx/esm/api';

register();
await import('./worker.ts');
