import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Client } from 'pg';
import type {} from 'vitest';
import type { TestProject } from 'vitest/node';
import { freePort, startCluster } from '../web/src/server/testing/throwaway';

declare module 'vitest' {
  export interface ProvidedContext {
    base: string;
    databaseUrl: string;
  }
}

const root = path.join(import.meta.dirname, '..');
const environment = (databaseUrl: string, data: string, port: number) => ({
  ...process.env,
  DATABASE_URL: databaseUrl,
  ROSE_DATA: data,
  ROSE_DEMO: '1',
  ROSE_GALLERY: '1',
  ROSE_LOG: 'warn',
  HOST: '127.0.0.1',
  PORT: String(port),
  NODE_ENV: 'production' as const,
});

function node(args: readonly string[], env: NodeJS.ProcessEnv, cwd = root): Promise<void> {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [...args], { cwd, env, stdio: ['ignore', 'inherit', 'inherit'] });
    child.on('exit', (code) => (code === 0 ? resolve() : reject(new Error(`${args.join(' ')} ended with ${code}`))));
  });
}

/** Makes the database `rose`, migrated and with the demo in it; its evenings lie around the day `filledOn`, today if none is named. */
export async function prepare(adminUrl: string, databaseUrl: string, data: string, port: number, filledOn?: string): Promise<void> {
  const admin = new Client({ connectionString: adminUrl });
  await admin.connect();
  await admin.query('create database rose');
  await admin.end();
  const env = environment(databaseUrl, data, port);
  await node(['--import', 'tsx', 'web/src/db/migrate.ts'], env);
  await node(['--import', 'tsx', 'web/src/demo/fill.ts', ...(filledOn === undefined ? [] : [filledOn])], env);
}

/** Starts the built application and waits until it answers. */
export async function serve(databaseUrl: string, data: string, port: number, more: Readonly<Record<string, string>> = {}): Promise<ChildProcess> {
  const child = spawn(process.execPath, ['../node_modules/next/dist/bin/next', 'start', '-p', String(port), '-H', '127.0.0.1'], {
    cwd: path.join(root, 'web'),
    env: { ...environment(databaseUrl, data, port), ...more },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  for (let tries = 0; tries < 150; tries++) {
    if (
      await fetch(`http://127.0.0.1:${port}/api/v1/health`).then(
        (response) => response.ok,
        () => false,
      )
    )
      return child;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  child.kill();
  throw new Error('The application did not answer. Is it built?');
}
export const end = (child: ChildProcess, signal: NodeJS.Signals = 'SIGTERM'): Promise<void> =>
  new Promise((resolve) => {
    if (child.exitCode !== null || child.signalCode !== null) return resolve();
    child.on('exit', () => resolve());
    child.kill(signal);
  });

/** A database with the demo in it, and the built application on it. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const cluster = await startCluster();
  const data = mkdtempSync(path.join(tmpdir(), 'rose-e2e-'));
  const port = await freePort();
  await prepare(cluster.url('postgres'), cluster.url('rose'), data, port);
  const child = await serve(cluster.url('rose'), data, port);
  project.provide('base', `http://127.0.0.1:${port}`);
  project.provide('databaseUrl', cluster.url('rose'));
  return async () => {
    await end(child);
    cluster.stop();
    rmSync(data, { recursive: true, force: true });
  };
}
