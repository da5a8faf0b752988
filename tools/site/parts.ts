import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

/** What the router says of its routes: files under `/assets/` in any of the fields, alone or as a list. */
interface RouterManifest {
  entry: Record<string, unknown>;
  routes: Record<string, Record<string, unknown>>;
}

/** The frame, the shelf, and the two ways to it: what one sees first. */
const FIRST_ROUTES = [
  "root",
  "base/base",
  "frame/frame",
  "shelf/shelf",
  "start/start",
  "start/demo",
  "run/run",
].map((one) => (one === "root" ? one : `routes/${one}`));
/** The queries of these, and parts that they load when a tray is opened and noted. */
const FIRST_PARTS =
  /^(frame|shelf|shelfToday|usesBeforeSpoiling|whichHousehold|tray|workbox-window|notes|trays|moments|care|skills|anecdotes)[-.]/;
/** What these read besides their code: the page, its style and letters, the catalogue. */
const FIRST_FILES =
  /\.(html|css|svg|png|webmanifest)$|-latin-wght-normal-[^/]*\.woff2$|\/(ladders|guides)-[^/]*\.json$/;

const filesIn = (said: Record<string, unknown>): string[] =>
  Object.values(said)
    .flat()
    .filter((one): one is string => typeof one === "string" && one.startsWith("/assets/"))
    .map((one) => one.slice(1));

function manifestIn(folder: string): RouterManifest {
  const [file] = readdirSync(join(folder, "assets")).filter((one) => /^manifest-.*\.js$/.test(one));
  const text = readFileSync(join(folder, "assets", String(file)), "utf8");
  return JSON.parse(text.slice(text.indexOf("=") + 1).replace(/;?\s*$/, "")) as RouterManifest;
}

/** The scripts and styles of a route in a built folder, as the router names them: a style ends in `#`. */
export function filesOf(folder: string, id: string): string[] {
  const route = manifestIn(folder).routes[id];
  if (!route) throw new Error(`The build has no route ${id}.`);
  return filesIn(route);
}

/** A script of a built folder with all that it can't run without. */
function withImports(folder: string, file: string, known = new Set<string>()): ReadonlySet<string> {
  if (known.has(file)) return known;
  known.add(file);
  const text = readFileSync(join(folder, file), "utf8");
  for (const [, name] of text.matchAll(/(?:from|import)\s*"\.\/([^"]+\.js)"/g))
    withImports(folder, `assets/${name}`, known);
  return known;
}

/** Of the files of a built folder, those without which the shelf can't be shown: they are kept first. */
export function isFirst(folder: string): (file: string) => boolean {
  const first = new Set([
    ...filesIn(manifestIn(folder).entry),
    ...FIRST_ROUTES.flatMap((id) => filesOf(folder, id)),
    ...readdirSync(join(folder, "assets"))
      .filter((one) => FIRST_PARTS.test(one) && one.endsWith(".js"))
      .flatMap((one) => [...withImports(folder, `assets/${one}`)]),
  ]);
  return (file) => first.has(file) || FIRST_FILES.test(file) || /^assets\/manifest-/.test(file);
}
