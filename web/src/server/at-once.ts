/** Runs so many at once; the others wait, in the order they came. */
export function atOnce(most: number): <T>(what: () => Promise<T>) => Promise<T> {
  let going = 0;
  const waiting: (() => void)[] = [];
  return async (what) => {
    if (going >= most) await new Promise<void>((resolve) => waiting.push(resolve));
    else going += 1;
    try {
      return await what();
    } finally {
      // Who waits takes the place that is left.
      const next = waiting.shift();
      if (next === undefined) going -= 1;
      else next();
    }
  };
}
