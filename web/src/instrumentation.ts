/** Milliseconds a server that is asked to go has for what is under way; then it goes. */
const patience = 8_000;

/** Runs once when a server process begins. Open streams would hold up its end: they are closed when it is asked to go. */
export async function register(): Promise<void> {
  if (process.env['NEXT_RUNTIME'] !== 'nodejs') return;
  const { endStreams } = await import('./server/live/feeds');
  for (const signal of ['SIGTERM', 'SIGINT'] as const)
    process.once(signal, () => {
      endStreams();
      setTimeout(() => process.exit(0), patience).unref();
    });
}
