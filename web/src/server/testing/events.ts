/** One server-sent event. */
export interface SentEvent {
  readonly event: string;
  readonly id: string | undefined;
  readonly data: string;
}
/** Reads server-sent events as a browser does, one after the other (WHATWG HTML, 9.2). */
export async function* eventsOf(body: ReadableStream<Uint8Array>): AsyncGenerator<SentEvent> {
  const decoder = new TextDecoder();
  let text = '';
  for await (const chunk of body as unknown as AsyncIterable<Uint8Array>) {
    text += decoder.decode(chunk, { stream: true });
    for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
      const fields = text
        .slice(0, end)
        .split('\n')
        .map((line) => [line.slice(0, line.indexOf(':')), line.slice(line.indexOf(':') + 1).replace(/^ /, '')] as const);
      text = text.slice(end + 2);
      const of = (name: string) => fields.filter(([field]) => field === name).map(([, value]) => value);
      yield { event: of('event')[0] ?? 'message', id: of('id')[0], data: of('data').join('\n') };
    }
  }
}
