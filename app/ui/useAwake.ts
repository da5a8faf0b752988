import { useEffect } from "react";

/** Keeps the screen awake where the browser can, also after the page was hidden for a while. */
export function useAwake() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let over = false;
    const wake = () => {
      if (document.visibilityState !== "visible") return;
      navigator.wakeLock?.request("screen").then(
        (got) => {
          if (over) void got.release();
          else lock = got;
        },
        () => undefined,
      );
    };
    wake();
    document.addEventListener("visibilitychange", wake);
    return () => {
      over = true;
      document.removeEventListener("visibilitychange", wake);
      void lock?.release();
    };
  }, []);
}
