import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { filesOf } from "./parts";

/** Where the frame of the screens does not stand. */
const FRAMELESS = ["/start", "/demo"];

/**
 * Lets the built page fetch the code of the frame, and of the shelf at its address, beside the first scripts instead of after
 * them. To be done before the page's policy is written, which lets this script in.
 */
export function writePreloads(folder: string): void {
  const file = join(folder, "index.html");
  const html = readFileSync(file, "utf8");
  const links = (...routes: string[]) => [...new Set(routes.flatMap((route) => filesOf(folder, route)))];
  const frame = links("routes/base/base", "routes/frame/frame");
  const shelf = links("routes/shelf/shelf").filter((one) => !frame.includes(one));
  const script = `(()=>{const at=location.pathname;if(${JSON.stringify(FRAMELESS)}.includes(at))return;for(const file of at==="/"?${JSON.stringify([...frame, ...shelf])}:${JSON.stringify(frame)}){const link=document.createElement("link");if(file.endsWith(".css")){link.rel="preload";link.as="style"}else link.rel="modulepreload";link.href="/"+file;document.head.append(link)}})()`;
  const withScript = html.replace("<title>", `<script>${script}</script><title>`);
  if (withScript === html) throw new Error("The built page has no place for its preloads.");
  writeFileSync(file, withScript);
}
