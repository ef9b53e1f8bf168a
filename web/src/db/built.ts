import type { Reader } from './client';

/**
 * A query that is asked all the time, built once for each connection or pool it runs on: its text and the way its rows are read stand, only its values change,
 * which stand in it as `sql.placeholder`. Building one anew costs several times what the database needs to answer it.
 * @param build the query as it is prepared, with a name of its own in the application
 */
export function built<Query>(build: (db: Reader) => Query): (db: Reader) => Query {
  const kept = new WeakMap<Reader, Query>();
  return (db) => {
    const known = kept.get(db);
    if (known !== undefined) return known;
    const made = build(db);
    kept.set(db, made);
    return made;
  };
}
