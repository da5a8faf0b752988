import { existsSync, mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { dirname, relative } from "node:path";
import type { Plugin } from "vite";

/** `react-router build --mode chunks` builds only to list what is loaded together; the build after it reads the list. */
export const LISTING = "chunks";
const LIST = "node_modules/.cache/orto/chunks.json";

/** A script of a bundle, of which its modules are written into the file. */
interface Script {
  name: string;
  moduleIds: readonly string[];
  imports: readonly string[];
  isEntry: boolean;
  isDynamicEntry: boolean;
}
type Scripts = Readonly<Record<string, Script>>;

/** What is loaded together, the first that fits; whatever fits none is left to the bundler. */
const TOGETHER: readonly { name: string; entries: RegExp; isForAll?: true }[] = [
  { name: "app", entries: /^(root|entry\.client)$/, isForAll: true },
  { name: "frame", entries: /^(base|frame)(-|$)/, isForAll: true },
  { name: "shelf", entries: /^shelf(-|$)/ },
  { name: "tray", entries: /^(TraySheet|NoteDetails)$/ },
];
/** Screens that show trays need most of what the shelf does: what only they ask for comes with it. */
const WITH_TRAYS = /^(shelf|TraySheet|NoteDetails|plan|prepare|activity|show)(-|$)/;

/** For each script by its file, the names of the entries that can't run without it. */
function entriesOf(scripts: Scripts): ReadonlyMap<string, ReadonlySet<string>> {
  const entries = new Map<string, Set<string>>();
  const visit = (file: string, name: string, seen: Set<string>) => {
    const script = scripts[file];
    if (seen.has(file) || !script) return;
    seen.add(file);
    entries.set(file, (entries.get(file) ?? new Set()).add(name));
    for (const one of script.imports) visit(one, name, seen);
  };
  for (const [file, { name, isEntry, isDynamicEntry }] of Object.entries(scripts))
    if (isEntry || isDynamicEntry) visit(file, name, new Set());
  return entries;
}

const nameOf = (moduleId: string) => relative(process.cwd(), moduleId.replace(/^\0/, ""));

/**
 * For each module the group it is loaded with. The bundler alone makes a script of every set of screens that share something:
 * a hundred for the shelf, each of which costs its own request.
 */
export function chunksOf(scripts: Scripts): Record<string, string> {
  const groups: Record<string, string> = {};
  for (const [file, entries] of entriesOf(scripts)) {
    const names = [...entries];
    const together = TOGETHER.find((one) => names.some((name) => one.entries.test(name)));
    if (!together) continue;
    const isOwn = together.isForAll || names.every((name) => WITH_TRAYS.test(name));
    const group = isOwn ? together.name : `${together.name}-shared`;
    for (const id of scripts[file]?.moduleIds ?? []) groups[nameOf(id)] = group;
  }
  return groups;
}

let listed: Record<string, string> | undefined;

/** The group of a module by the list, which is read when the first is asked for: a config is read for other work as well. */
function groupOf(moduleId: string): string | null {
  listed ??= JSON.parse(readFileSync(LIST, "utf8")) as Record<string, string>;
  return listed[nameOf(moduleId)] ?? null;
}

/** Few scripts for the first screen: lists what belongs together in the first of two builds, and keeps to it in the second. */
export const fewScripts = (mode: string): Plugin => ({
  name: "few-scripts",
  apply: "build",
  applyToEnvironment: ({ name }) => name === "client",
  configEnvironment: (name) =>
    name === "client" && mode !== LISTING
      ? {
          build: {
            rolldownOptions: {
              output: {
                codeSplitting: {
                  groups: [{ debugName: "together", name: groupOf, includeDependenciesRecursively: false }],
                },
              },
            },
          },
        }
      : null,
  // Groups that do not take in all that their modules import may need to export more than their entries do.
  options: (given) => ({ ...given, preserveEntrySignatures: "allow-extension" as const }),
  buildStart() {
    if (mode !== LISTING && !existsSync(LIST))
      this.error(`The build needs ${LIST}: npm run build writes it first.`);
  },
  generateBundle(_, bundle) {
    if (mode !== LISTING) return;
    const scripts = Object.fromEntries(
      Object.entries(bundle).flatMap(([file, one]) => (one.type === "chunk" ? [[file, one]] : [])),
    );
    mkdirSync(dirname(LIST), { recursive: true });
    writeFileSync(LIST, JSON.stringify(chunksOf(scripts), null, 1));
  },
});
