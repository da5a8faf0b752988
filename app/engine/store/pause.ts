const { scheduler } = globalThis as { scheduler?: { yield?(): Promise<void> } };

/** Lets the page answer what came meanwhile, and goes on as soon as that is done. */
export const pause = (): Promise<void> =>
  scheduler?.yield ? scheduler.yield() : new Promise((done) => setTimeout(done));
