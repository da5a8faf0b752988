import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { filesOf } from "./parts";

/** Under which key the page's own script reads what is kept of the shelf when it is left. */
function sightKey(html: string): string {
  const key = /localStorage\.getItem\("([^"]+)"\)/.exec(html)?.[1];
  if (!key) throw new Error("The built page shows no last sight of the shelf.");
  return key;
}
/** Where the frame of the screens does not stand. */
const FRAMELESS = ["/start", "/demo"];

/**
 * Lets the built page fetch the code of the frame, and of the shelf at its address, beside the first scripts instead of after
 * them; where a last sight of the shelf is shown, its style stands first. To be done before the page's policy is written, which lets this script in.
 */
export function writePreloads(folder: string): void {
  const file = join(folder, "index.html");
  const html = readFileSync(file, "utf8");
  const links = (...routes: string[]) => {
    const files = new Set(routes.flatMap((route) => filesOf(folder, route)));
    return [...files].filter((one) => !html.includes(`"/${one}"`));
  };
  const frame = links("routes/base/base", "routes/frame/frame");
  const shelf = links("routes/shelf/shelf").filter((one) => !frame.includes(one));
  const script = `(()=>{const at=location.pathname;if(${JSON.stringify(FRAMELESS)}.includes(at))return;let seen=false;try{seen=at==="/"&&localStorage.getItem("${sightKey(html)}")!==null}catch{}for(const file of at==="/"?${JSON.stringify([...frame, ...shelf])}:${JSON.stringify(frame)}){const link=document.createElement("link");if(!file.includes(".css"))link.rel="modulepreload";else if(seen)link.rel="stylesheet";else{link.rel="preload";link.as="style"}link.href="/"+file;document.head.append(link)}})()`;
  const withScript = html.replace("<title>", `<script>${script}</script><title>`);
  if (withScript === html) throw new Error("The built page has no place for its preloads.");
  writeFileSync(file, withScript);
}
