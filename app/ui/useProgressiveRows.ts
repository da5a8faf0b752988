import { startTransition, useEffect, useState } from "react";

/** More than fit on a screen. */
const AT_ONCE = 20;
const STEP = 25;

/**
 * How many of `count` rows are drawn by now: a screenful at once, the others step by step after it, each step giving
 * way to what is tapped or typed meanwhile.
 */
export function useProgressiveRows(count: number): number {
  const [drawn, setDrawn] = useState(AT_ONCE);
  useEffect(() => {
    if (drawn < count) startTransition(() => setDrawn(drawn + STEP));
  }, [drawn, count]);
  return Math.min(drawn, count);
}
