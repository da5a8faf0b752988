/** A fault that is told across the page. */
export interface PageFault {
  message: string;
  /** The browser could not keep a change: the page then leads to the backup as well. */
  isNotKept: boolean;
}

const telling = new EventTarget();

/** Tells the page a fault that no part of the screen shows; undefined takes the last one away. */
export const tellPageFault = (fault: PageFault | undefined): void =>
  void telling.dispatchEvent(new CustomEvent("fault", { detail: fault }));

/** Calls back with each fault that is told across the page. Returns how to stop. */
export function onPageFault(callback: (fault: PageFault | undefined) => void): () => void {
  // An event has null where it was given nothing.
  const hear = (event: Event) => callback((event as CustomEvent<PageFault | null>).detail ?? undefined);
  telling.addEventListener("fault", hear);
  return () => telling.removeEventListener("fault", hear);
}
