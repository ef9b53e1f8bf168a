/** What stands behind the ? of an address: everything that has a value. */
export const searchOf = (values: object): URLSearchParams =>
  new URLSearchParams(
    Object.entries<unknown>({ ...values }).flatMap(([name, value]) => (value === undefined || value === null || value === '' ? [] : [[name, String(value)]])),
  );
