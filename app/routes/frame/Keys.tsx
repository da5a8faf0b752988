import { lazy, Suspense, useEffect, useState } from "react";
import { href, useNavigate } from "react-router";
import { SCREENS } from "./screens";

const KeysDialog = lazy(() => import("./KeysDialog"));

/** A letter after "g" counts for so long. */
const CHORD_MS = 1500;

/** Where something is being written a key is a letter and nothing else. */
const isWriting = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || target.closest("input:not([type=checkbox], [type=radio]), textarea") !== null);

/** The first thing on the page that a key means, if the page has it. */
function focusOn(selector: string): boolean {
  const found = document.querySelector<HTMLElement>(selector);
  found?.focus();
  return found !== null;
}

/**
 * Single keys: "g" and a letter for a screen, "/" for the search, "n" for a note, "o" for something seen, "?" for this list. They can be switched
 * off, since a spoken word may type letters.
 */
export function Keys({ on }: { on: boolean }) {
  const navigate = useNavigate();
  const [isOpen, setOpen] = useState(false);
  useEffect(() => {
    let begunAt = 0;
    const press = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isWriting(event.target)) return;
      if (!on) return;
      if (event.key === "?") return setOpen(true);
      const isSecond = Date.now() - begunAt < CHORD_MS;
      begunAt = 0;
      const screen = isSecond && SCREENS.find((one) => one.key === event.key);
      if (screen) return void navigate(href(screen.to));
      if (event.key === "g") begunAt = Date.now();
      else if (event.key === "o") document.querySelector<HTMLElement>("[data-key=o]")?.click();
      else if (event.key === "n") void (focusOn("[data-key=n] button") || focusOn(".tray"));
      else if (event.key === "/") {
        event.preventDefault();
        if (!focusOn("input[type=search]")) void navigate(href("/activities"));
      }
    };
    window.addEventListener("keydown", press);
    return () => window.removeEventListener("keydown", press);
  }, [on, navigate]);
  if (!isOpen) return null;
  return (
    <Suspense>
      <KeysDialog on={on} onClose={() => setOpen(false)} />
    </Suspense>
  );
}
