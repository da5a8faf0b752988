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
  // A finger may tap it; keys and readers wait for what is really there.
  for (const one of seen.querySelectorAll("a, button, input, select, textarea, [tabindex]")) {
    one.setAttribute("tabindex", "-1");
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

/** Where to go, by what was tapped in the sight before the app stood. */
const TAPPED = "ortoTapped";

/** What was tapped in the sight, as an address; it is told once. */
export function takeTap(): string | undefined {
  const to: unknown = Reflect.get(globalThis, TAPPED);
  Reflect.deleteProperty(globalThis, TAPPED);
  return typeof to === "string" && /^\/(?!\/)/.test(to) ? to : undefined;
}

/**
 * A script for the page itself, to run before any other: puts back the last sight, in place of the words below it. A tray that
 * is tapped in it is marked at once and opened when the app stands; a link leads on then.
 */
export const SHOW_SIGHT = `(()=>{try{
const{which,at,html}=JSON.parse(localStorage.getItem("${SIGHT}")??"{}"),tab=sessionStorage.getItem("orto.household");
if(!html||location.pathname!=="/"||location.search||Date.now()-at>${DAYS_KEPT * 86_400_000}||tab&&tab!==which)return;
const sight=document.getElementById("${SIGHT}");
sight.innerHTML="<style>.lone-page{display:none}</style>"+html;
sight.addEventListener("click",event=>{
const link=event.target.closest("a[href]"),tray=event.target.closest("[data-tray]");
const to=link?link.getAttribute("href"):tray&&"/?tray="+encodeURIComponent(tray.dataset.tray);
if(!to||to[0]!=="/")return;
event.preventDefault();
globalThis.${TAPPED}=to;
for(const one of sight.querySelectorAll(".selected"))one.classList.remove("selected");
if(tray)tray.classList.add("selected");
});
}catch{}})()`;
