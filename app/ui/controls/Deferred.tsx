import { type ReactNode, useDeferredValue } from "react";

/** What lies below the first sight of a page or sheet: drawn as soon as what stands above it has been shown. */
export const Deferred = ({ children }: { children: ReactNode }) => useDeferredValue(true, false) && children;
