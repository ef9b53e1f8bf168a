import { execFile, spawn } from 'node:child_process';
import { once } from 'node:events';
import { openSync } from 'node:fs';
import path from 'node:path';
import { promisify } from 'node:util';
import { expect, it } from 'vitest';

const program = `
  const { log } = await import(${JSON.stringify(path.join(import.meta.dirname, 'log.ts'))});
  for (let i = 0; i < 50; i++) log.info({ op: 'note.save', status: 200, line: 'x'.repeat(2000) });
  await new Promise((resolve) => setTimeout(resolve, 50));
  process.stderr.write('answered');
`;
const args = ['--import', 'tsx', '--input-type=module', '-e', program];

it('a full disk loses lines of the log, never the process that answers', async () => {
  // The kernel's own full disk: every write to it fails with ENOSPC.
  const child = spawn(process.execPath, args, { stdio: ['ignore', openSync('/dev/full', 'w'), 'pipe'], env: { ...process.env, ROSE_LOG: 'info' } });
  let said = '';
  child.stderr!.on('data', (text: Buffer) => (said += text.toString()));
  const [code] = (await once(child, 'close')) as [number];
  expect([code, said]).toEqual([0, 'answered']);
});
it('writes a line a call where there is room', async () => {
  const { stdout, stderr } = await promisify(execFile)(process.execPath, args, { env: { ...process.env, ROSE_LOG: 'info' } });
  expect(stderr).toBe('answered');
  expect(stdout.trim().split('\n')).toHaveLength(50);
  expect(JSON.parse(stdout.split('\n')[0]!)).toMatchObject({ op: 'note.save', status: 200 });
});
