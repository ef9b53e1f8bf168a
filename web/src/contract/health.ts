import { done, nothing, read } from './contract';

export const health = {
  ask: read({
    name: 'health',
    method: 'GET',
    path: '/health',
    summary: 'Whether the application and its database answer',
    allow: 'anyone',
    input: nothing,
    output: done,
  }),
};
