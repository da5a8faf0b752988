/** Tells a page of changes that the browser did not keep, however they were sent. */
const telling = new EventTarget();

/** A change was kept: undefined; or was not: why, in words. */
export const reportWriteFailure = (why: string | undefined): void =>
  void telling.dispatchEvent(new CustomEvent("unkept", { detail: why }));

/** Calls back with each telling. Returns how to stop. */
export function onWriteFailure(callback: (why: string | undefined) => void): () => void {
  // An event has null where it was given nothing.
  const hear = (event: Event) => callback((event as CustomEvent<string | null>).detail ?? undefined);
  telling.addEventListener("unkept", hear);
  return () => telling.removeEventListener("unkept", hear);
}
