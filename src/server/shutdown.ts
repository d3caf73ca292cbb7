/** Closes the database pool when the server is told to stop, so that it ends at once. */
export function closeOnSignal(): void {
  const stop = () => void globalThis.redLadderDb?.end({ timeout: 2 });
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
}
