import { execFileSync } from 'node:child_process';
import { chownSync, existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';

/** A PostgreSQL of its own for a test run: made in a temporary folder, on a free port, thrown away at the end. */
export interface Cluster {
  readonly url: (database: string) => string;
  readonly stop: () => void;
  /** Stops or starts the server while tests run. */
  readonly power: (on: boolean) => void;
}

const isRoot = process.getuid?.() === 0;
const asPostgres = (command: string, args: readonly string[]) =>
  isRoot
    ? execFileSync('setpriv', ['--reuid=postgres', '--regid=postgres', '--init-groups', command, ...args], {
        stdio: 'pipe',
        env: { PATH: process.env['PATH'], LC_ALL: 'C.UTF-8' } as unknown as NodeJS.ProcessEnv,
      })
    : execFileSync(command, [...args], { stdio: 'pipe', env: { ...process.env, LC_ALL: 'C.UTF-8' } });

export const freePort = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const server = createServer();
    server.on('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const address = server.address();
      server.close(() => resolve(typeof address === 'object' && address !== null ? address.port : 0));
    });
  });

/** The folder of the newest PostgreSQL's programs. */
export function postgresBin(): string {
  const versions = existsSync('/usr/lib/postgresql') ? readdirSync('/usr/lib/postgresql').sort((a, b) => Number(b) - Number(a)) : [];
  const bin = versions.map((version) => `/usr/lib/postgresql/${version}/bin`).find((folder) => existsSync(`${folder}/initdb`));
  if (bin === undefined) throw new Error('PostgreSQL is missing. Install it with: sudo apt-get install postgresql');
  return bin;
}
export async function startCluster(): Promise<Cluster> {
  const bin = postgresBin();
  const folder = mkdtempSync(path.join(tmpdir(), 'rose-cluster-'));
  const data = path.join(folder, 'data');
  mkdirSync(data, { mode: 0o700 });
  if (isRoot) {
    const [uid, gid] = ['-u', '-g'].map((flag) => Number(execFileSync('id', [flag, 'postgres']).toString()));
    chownSync(folder, uid!, gid!);
    chownSync(data, uid!, gid!);
  }
  asPostgres(`${bin}/initdb`, ['-D', data, '-U', 'rose', '-A', 'trust', '--locale=C.UTF-8', '-E', 'UTF8', '--no-sync']);
  const port = await freePort();
  writeFileSync(
    path.join(data, 'postgresql.auto.conf'),
    `port = ${port}\nlisten_addresses = '127.0.0.1'\nunix_socket_directories = ''\nfsync = off\nfull_page_writes = off\nmax_connections = 200\n`,
  );
  const control = (...args: string[]) => asPostgres(`${bin}/pg_ctl`, ['-D', data, '-w', '-l', path.join(data, 'server.log'), ...args]);
  control('start');
  return {
    url: (database) => `postgres://rose@127.0.0.1:${port}/${database}`,
    power: (on) => void (on ? control('start') : control('-m', 'immediate', 'stop')),
    stop() {
      try {
        control('-m', 'immediate', 'stop');
      } catch {
        // It was stopped already.
      }
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
