/** The element that shows the last sight of the shelf, and where the browser keeps it. */
export const SIGHT = "orto-sight";

/** A sight as it is kept. */
interface Sight {
  /** Which household it is of. */
  which: string;
  /** When it was left, in ms. */
  at: number;
  html: string;
}

/** Nothing longer is kept: there would be little room for what is typed into forms. */
const MOST_CHARACTERS = 600_000;
/** Days after which it says too little of how the shelf stands. */
const DAYS_KEPT = 2;

/** The frame with the shelf as it stands today, without the sheet beside it: another one opens with the next start. */
function shelfSeen(): string | undefined {
  const { pathname, search } = window.location;
  const frame = document.querySelector("body > .frame");
  if (pathname !== "/" || new URLSearchParams(search).has("ahead") || !frame) return undefined;
  const seen = frame.cloneNode(true) as Element;
  for (const one of seen.querySelectorAll(".sheet")) one.replaceChildren();
  for (const one of seen.querySelectorAll(".opened, .selected, .busy")) {
    one.classList.remove("opened", "selected", "busy");
  }
  const html = seen.outerHTML;
  return html.length <= MOST_CHARACTERS ? html : undefined;
}

/**
 * Keeps what the shelf looks like whenever the page is left or put aside, to be seen at once with the next start. Left on
 * another screen it is forgotten: what stood may have changed there. Returns how to stop.
 */
export function keepSight(which: string): () => void {
  const keep = () => {
    if (document.visibilityState !== "hidden") return;
    const html = shelfSeen();
    try {
      if (html === undefined) localStorage.removeItem(SIGHT);
      else localStorage.setItem(SIGHT, JSON.stringify({ which, at: Date.now(), html } satisfies Sight));
    } catch {
      // A full or closed store: the next start shows the words instead.
    }
  };
  document.addEventListener("visibilitychange", keep);
  return () => document.removeEventListener("visibilitychange", keep);
}

/** A script for the page itself, to run before any other: puts back the last sight, in place of the words below it. */
export const SHOW_SIGHT = `(()=>{try{const{which,at,html}=JSON.parse(localStorage.getItem("${SIGHT}")??"{}"),tab=sessionStorage.getItem("orto.household");if(html&&location.pathname==="/"&&!location.search&&Date.now()-at<${DAYS_KEPT * 86_400_000}&&(!tab||tab===which))document.getElementById("${SIGHT}").innerHTML="<style>.lone-page{display:none}</style>"+html}catch{}})()`;
