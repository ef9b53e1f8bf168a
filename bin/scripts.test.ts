import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { cpSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Client } from 'pg';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { freePort } from '../web/src/server/testing/throwaway';

/** The scripts in a clone of their own, with the packages hard-linked and the build copied: no network, nothing of this checkout is touched. */
const root = path.join(import.meta.dirname, '..');
const isRoot = process.getuid?.() === 0;
let folder: string;
let clone: string;
let data: string;
/** Notes of the demo. */
let notes: number;
let port: number;
const started: ChildProcess[] = [];

const environment = (more: NodeJS.ProcessEnv = {}): NodeJS.ProcessEnv => {
  const { DATABASE_URL: _url, ROSE_DEMO: _demo, ROSE_ORIGIN: _origin, ...rest } = process.env;
  return { ...rest, ROSE_DATA: data, PORT: String(port), HOST: '127.0.0.1', ROSE_LOG: 'warn', ...more } as NodeJS.ProcessEnv;
};
/** Runs a script to its end. */
function script(name: string, args: readonly string[] = [], more: NodeJS.ProcessEnv = {}): Promise<{ code: number; out: string }> {
  return new Promise((resolve) => {
    const child = spawn('bash', [path.join(clone, 'bin', name), ...args], { cwd: clone, env: environment(more), stdio: ['ignore', 'pipe', 'pipe'] });
    let out = '';
    child.stdout.on('data', (chunk: Buffer) => (out += chunk.toString()));
    child.stderr.on('data', (chunk: Buffer) => (out += chunk.toString()));
    child.on('close', (code) => resolve({ code: code ?? 1, out }));
  });
}
/** Starts and waits for the line that says where it is. */
function start(more: NodeJS.ProcessEnv = {}): Promise<{ child: ChildProcess; out: () => string }> {
  return new Promise((resolve, reject) => {
    const child = spawn('bash', [path.join(clone, 'bin', 'start')], { cwd: clone, env: environment(more), stdio: ['ignore', 'pipe', 'pipe'] });
    started.push(child);
    let out = '';
    const take = (chunk: Buffer) => {
      out += chunk.toString();
      if (out.includes('Stop with')) resolve({ child, out: () => out });
    };
    child.stdout.on('data', take);
    child.stderr.on('data', take);
    child.on('close', (code) => reject(new Error(`start ended with ${code}: ${out}`)));
  });
}
/** Whether it answers; the first answer after a start may take some seconds on a busy machine. */
const becomesHealthy = async () => {
  for (let i = 0; i < 60; i++) {
    if (await healthy()) return true;
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  return false;
};
const healthy = () =>
  fetch(`http://127.0.0.1:${port}/api/v1/health`).then(
    (response) => response.ok,
    () => false,
  );
const ended = (child: ChildProcess) =>
  new Promise<void>((resolve) => (child.exitCode !== null || child.signalCode !== null ? resolve() : child.on('close', () => resolve())));
const pidOf = (file: string) => Number(readFileSync(path.join(data, file), 'utf8').split('\n')[0]);

beforeAll(async () => {
  folder = mkdtempSync(path.join(tmpdir(), 'rose-scripts-'));
  if (isRoot) execFileSync('chmod', ['755', folder]);
  // A folder nobody else may enter, as a home often is.
  mkdirSync(path.join(folder, 'private'), { mode: 0o700 });
  clone = path.join(folder, 'private', 'rose');
  data = path.join(folder, 'data');
  mkdirSync(clone);
  for (const part of [
    'bin',
    'core',
    'knowledge',
    'web/src',
    'web/public',
    'package.json',
    'package-lock.json',
    'tsconfig.base.json',
    'web/package.json',
    'web/english-only.cjs',
    'web/next.config.ts',
    'web/tsconfig.json',
    'web/.next',
  ]) {
    if (existsSync(path.join(root, part)))
      cpSync(path.join(root, part), path.join(clone, part), {
        recursive: true,
        verbatimSymlinks: true,
        filter: (file) => !file.includes('.next/cache') && !/(core|knowledge|web)\/node_modules$/.test(file),
      });
  }
  execFileSync('cp', ['-al', path.join(root, 'node_modules'), path.join(clone, 'node_modules')]);
  // Workspace packages are links; they must lead into the clone, not back here.
  for (const name of ['core', 'knowledge', 'web']) {
    rmSync(path.join(clone, 'node_modules/@rose', name), { force: true });
    execFileSync('ln', ['-s', path.join(clone, name), path.join(clone, 'node_modules/@rose', name)]);
    if (existsSync(path.join(root, name, 'node_modules')))
      execFileSync('cp', ['-al', path.join(root, name, 'node_modules'), path.join(clone, name, 'node_modules')]);
  }
  port = await freePort();
}, 180_000);
afterAll(async () => {
  for (const child of started) if (child.exitCode === null && child.signalCode === null) child.kill('SIGTERM');
  await Promise.all(started.map(ended));
  await script('stop');
  rmSync(folder, { recursive: true, force: true });
}, 60_000);

describe('the scripts', () => {
  it('start with an odd LANG and NODE_ENV=production, below a private folder: database, demo, pages', async () => {
    const { out } = await start({ LANG: 'xx_YY.nonsense', LC_ALL: 'xx_YY', NODE_ENV: 'production' });
    expect(out()).toContain(`http://127.0.0.1:${port}`);
    expect(out()).toContain('demo');
    expect(await becomesHealthy()).toBe(true);
    expect(await (await fetch(`http://127.0.0.1:${port}/come-in`)).text()).toContain('Come in as the demo');
    for (const secret of ['accounts.secret', 'postgres.secret'])
      expect(
        execFileSync('stat', ['-c', '%a', path.join(data, secret)])
          .toString()
          .trim(),
      ).toBe('600');
  }, 240_000);
  it('started a second time it says where it runs, and another program on the port gets one sentence', async () => {
    const again = await script('start');
    expect(again).toMatchObject({ code: 0 });
    expect(again.out).toContain('is running already');
    const elsewhere = path.join(folder, 'elsewhere');
    const taken = await script('start', [], { ROSE_DATA: elsewhere });
    expect(taken.code).toBe(1);
    expect(taken.out.trim().split('\n').at(-1)).toMatch(/^Port \d+ is taken by another program/);
  }, 60_000);
  it('killed with -9, script, server and database, it starts again and nothing is lost', async () => {
    const server = pidOf('server.pid');
    const postmaster = pidOf('postgres/postmaster.pid');
    for (const child of started) child.kill('SIGKILL');
    process.kill(server, 'SIGKILL');
    process.kill(postmaster, 'SIGKILL');
    await new Promise((resolve) => setTimeout(resolve, 1500));
    const { out } = await start();
    expect(out()).not.toContain('filling the demo');
    expect(await becomesHealthy()).toBe(true);
  }, 120_000);
  it('a backup is put back whole; a file that is no backup changes nothing', async () => {
    const file = path.join(folder, 'kept.dump');
    expect((await script('backup', [file])).out).toContain(file);
    const url = `postgres://rose:${readFileSync(path.join(data, 'postgres.secret'), 'utf8')}@127.0.0.1:${readFileSync(path.join(data, 'postgres.port'), 'utf8')}/rose`;
    const ask = async (sql: string) => {
      const client = new Client({ connectionString: url });
      await client.connect();
      const { rows } = await client.query<{ n: number }>(sql);
      await client.end();
      return rows[0]?.n;
    };
    const count = 'select count(*)::int as n from note';
    notes = (await ask(count))!;
    expect(notes).toBeGreaterThan(0);
    await ask('delete from note');
    writeFileSync(path.join(folder, 'no.dump'), 'not a backup');
    const wrong = await script('restore', [path.join(folder, 'no.dump')]);
    expect([wrong.code, wrong.out.includes('is not a backup')]).toEqual([1, true]);
    // A backup of another program, one of a newer version and one that is cut off change nothing either.
    const [foreign, newer, cut] = ['foreign.dump', 'newer.dump', 'cut.dump'].map((name) => path.join(folder, name)) as [string, string, string];
    const outside = new Client({ connectionString: inject('clusterUrl') });
    await outside.connect();
    await outside.query('create database shop');
    await outside.end();
    const shop = inject('clusterUrl').replace(/\/postgres$/, '/shop');
    const client = new Client({ connectionString: shop });
    await client.connect();
    await client.query('create table note (id int); create table shop (id int)');
    await client.end();
    expect(await script('backup', [foreign], { DATABASE_URL: shop })).toMatchObject({ code: 0 });
    await ask("insert into drizzle.__drizzle_migrations (hash, created_at) values ('of the future', 9999999999999)");
    expect(await script('backup', [newer])).toMatchObject({ code: 0 });
    await ask("delete from drizzle.__drizzle_migrations where hash = 'of the future'");
    const whole = readFileSync(file);
    // The list of what it holds stands at its beginning, the rows after it: the end is what is missing.
    writeFileSync(cut, whole.subarray(0, whole.length - 4_000));
    await ask("insert into mail (id, \"to\", subject, body) values (gen_random_uuid(), 'a', 'b', 'c')");
    for (const [name, says] of [
      [foreign, 'is not a backup of Rose Compass. Nothing was changed'],
      [newer, 'newer version of Rose Compass'],
      [cut, 'is damaged'],
    ] as const) {
      const refused = await script('restore', [name]);
      expect([refused.code, refused.out.includes(says)], refused.out).toEqual([1, true]);
      expect(await ask('select count(*)::int as n from mail'), name).toBe(1);
    }
    const restored = await script('restore', [file]);
    expect(restored).toMatchObject({ code: 0 });
    expect(restored.out).toContain('before-restore-');
    expect(await ask(count)).toBe(notes);
    expect((await script('restore', [])).out).toContain('Name the backup');
    await ask('delete from note');
    expect(await script('demo-reset')).toMatchObject({ code: 0 });
    expect(await ask(count)).toBe(notes);
  }, 180_000);
  it('stop ends the application and its database', async () => {
    const postmaster = pidOf('postgres/postmaster.pid');
    expect((await script('stop')).out).toContain('stopped');
    expect(await healthy()).toBe(false);
    // A process that ended may linger as a zombie until its parent looks.
    expect(existsSync(`/proc/${postmaster}/stat`) ? /\) (.)/.exec(readFileSync(`/proc/${postmaster}/stat`, 'utf8'))![1] : 'Z').toBe('Z');
  }, 60_000);
  it('a lost password of the database costs no data: a new one is set, and the database is stopped again', async () => {
    rmSync(path.join(data, 'postgres.secret'));
    const file = path.join(folder, 'after.dump');
    const kept = await script('backup', [file]);
    expect(kept).toMatchObject({ code: 0 });
    expect(kept.out).toContain('setting a new one');
    const bin = execFileSync('sh', ['-c', 'ls -d /usr/lib/postgresql/*/bin | sort -V | tail -1']).toString().trim();
    const rows = execFileSync(`${bin}/pg_restore`, ['--data-only', '--table=note', '--file=-', file]).toString();
    expect(rows.split('\n').filter((line) => /^[0-9a-f]{8}-/.test(line))).toHaveLength(notes);
    expect(existsSync(path.join(data, 'postgres/postmaster.pid'))).toBe(false);
  }, 60_000);
  it('broken off by Ctrl-C in the first start, and killed while the database is made: no database is left running, and the next start is whole', async () => {
    const fresh = { ROSE_DATA: path.join(folder, 'fresh'), PORT: String(await freePort()) };
    const until = (line: string, signal: NodeJS.Signals) =>
      new Promise<void>((resolve) => {
        const child = spawn('bash', [path.join(clone, 'bin', 'start')], {
          cwd: clone,
          env: environment(fresh),
          stdio: ['ignore', 'pipe', 'pipe'],
          detached: true,
        });
        let out = '';
        child.stdout.on('data', (chunk: Buffer) => {
          out += chunk.toString();
          if (out.includes(line)) {
            process.kill(-child.pid!, signal);
            out = '';
          }
        });
        child.on('close', () => resolve());
      });
    await until('making the database', 'SIGKILL');
    await until('filling the demo', 'SIGINT');
    const file = path.join(fresh.ROSE_DATA, 'postgres/postmaster.pid');
    for (let i = 0; i < 50 && existsSync(file); i++) await new Promise((resolve) => setTimeout(resolve, 100));
    expect(existsSync(file)).toBe(false);
    const { child, out } = await start(fresh);
    expect(out()).toContain('filling the demo');
    child.kill('SIGTERM');
    await ended(child);
    expect(existsSync(file)).toBe(false);
  }, 120_000);
  it('with DATABASE_URL nothing is started or installed, two starters migrate one after the other, and a newer database is refused', async () => {
    const admin = new Client({ connectionString: inject('clusterUrl') });
    await admin.connect();
    await admin.query('create database outside');
    const url = inject('clusterUrl').replace(/\/postgres$/, '/outside');
    data = path.join(folder, 'outside');
    const migrate = () =>
      new Promise<number>((resolve) =>
        spawn(process.execPath, ['--import', 'tsx', 'web/src/db/migrate.ts'], { cwd: clone, env: environment({ DATABASE_URL: url }), stdio: 'ignore' }).on(
          'close',
          (code) => resolve(code ?? 1),
        ),
      );
    expect(await Promise.all([migrate(), migrate()])).toEqual([0, 0]);
    port = await freePort();
    const { child } = await start({ DATABASE_URL: url, ROSE_DATA: path.join('..', 'outside'), INIT_CWD: path.join(folder, 'private') });
    expect(await becomesHealthy()).toBe(true);
    expect(existsSync(path.join(data, 'postgres'))).toBe(false);
    expect(await (await fetch(`http://127.0.0.1:${port}/come-in`)).text()).not.toContain('Come in as the demo');
    child.kill('SIGTERM');
    await ended(child);
    const client = new Client({ connectionString: url });
    await client.connect();
    await client.query("insert into drizzle.__drizzle_migrations (hash, created_at) values ('of the future', 9999999999999)");
    await client.end();
    rmSync(path.join(data, 'migrated'), { force: true });
    const newer = await script('start', [], { DATABASE_URL: url });
    expect(newer.code).toBe(1);
    expect(newer.out).toContain('made by a newer version');
    await admin.query('drop database outside with (force)');
    await admin.end();
  }, 120_000);
  it('a full disk and a data folder that cannot be written get one sentence', async () => {
    const shim = path.join(folder, 'shim');
    mkdirSync(shim, { recursive: true });
    writeFileSync(path.join(shim, 'df'), '#!/bin/sh\necho "Filesystem 1024-blocks Used Available Capacity Mounted on"\necho "/dev/x 1000 999 1000 100% /"\n', {
      mode: 0o755,
    });
    const full = await script('start', [], { PATH: `${shim}:${process.env['PATH']}`, ROSE_DATA: path.join(folder, 'full'), PORT: String(await freePort()) });
    expect([full.code, full.out.includes('nearly full')]).toEqual([1, true]);
    writeFileSync(path.join(folder, 'file'), '');
    const nowhere = await script('start', [], { ROSE_DATA: path.join(folder, 'file', 'below') });
    expect([nowhere.code, /cannot be made|cannot be written/.test(nowhere.out)]).toEqual([1, true]);
  }, 60_000);
});
