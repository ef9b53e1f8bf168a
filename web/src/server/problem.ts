/** An error a caller can understand (RFC 9457). Thrown anywhere in a command or a query; everything else is a bug and becomes a 500 without details. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly slug: string,
    readonly title: string,
    readonly more: Readonly<Record<string, unknown>> = {},
    readonly headers: Readonly<Record<string, string>> = {},
  ) {
    super(title);
  }
  toJSON() {
    return { type: `urn:rose-compass:problem:${this.slug}`, title: this.title, status: this.status, ...this.more };
  }
}
export const notFound = (what: string) => new Problem(404, 'not-found', `There is no such ${what} here.`);
export const forbidden = () => new Problem(403, 'not-allowed', 'Your part in this venue does not allow that. Ask its owner.');
export const unknownActor = () => new Problem(401, 'sign-in', 'Come in first: this needs an account.');
export const badField = (field: string, message: string) => new Problem(422, 'invalid', `${field}: ${message}`, { errors: [{ field, message }] });
