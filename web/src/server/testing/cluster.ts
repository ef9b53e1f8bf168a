import { Client } from 'pg';
import type { TestProject } from 'vitest/node';
import { migrate } from '../../db/migrate';
import { startCluster } from './throwaway';

declare module 'vitest' {
  export interface ProvidedContext {
    clusterUrl: string;
  }
}

/** One throwaway cluster for all test files, with a migrated template database that each file copies. */
export default async function setup(project: TestProject): Promise<() => void> {
  const cluster = await startCluster();
  const admin = new Client({ connectionString: cluster.url('postgres') });
  await admin.connect();
  await admin.query('create database template');
  await admin.end();
  await migrate(cluster.url('template'));
  project.provide('clusterUrl', cluster.url('postgres'));
  return cluster.stop;
}
