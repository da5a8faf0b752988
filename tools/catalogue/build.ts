import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { faultsOfCatalogue } from "../../app/core/content";
import { faultsOfMakings } from "../../app/core/making";
import type { Material, Wardrobe } from "../../app/core/model";
import { wordsOf } from "../../app/core/themes";
import { unsafeMakings, unsafeRecipes, unsafeThemes } from "./checkAround";
import { uncountedStrips, untoldHazards, withoutSteadyHead } from "./checkHazards";
import { coverageText } from "./coverageText";
import { type Content, readContent } from "./read";
import { printingFaults } from "./readPrinting";
import { safetyText } from "./safetyText";
import { ContentFault } from "./short";

const ROOT = join(import.meta.dirname, "../..");
const CATALOGUE = join(ROOT, "app/catalogue");

/** Arrows of a family that name a rung which is nowhere, or none at all. */
function arrowFaults({ families, pack }: Content): string[] {
  const rungs = new Set(pack.activities.flatMap((one) => one.rungs.map((rung) => `${one.id}/${rung.id}`)));
  return families.flatMap(({ file, arrows }) =>
    arrows.flatMap(({ text, rungs: named }) => [
      ...(named.length === 0 ? [`${file}: arrows/${text}: no rung carries it`] : []),
      ...named
        .filter((path) => !rungs.has(path))
        .map((path) => `${file}: arrows/${text}: there is no rung "${path}"`),
    ]),
  );
}

/** Themes that dress an activity which is nowhere, and words that mean two of them. */
function themeFaults({ themes, pack }: Content): string[] {
  const ids = new Set<string>(pack.activities.map((one) => one.id));
  const words = themes.flatMap(wordsOf);
  return [
    ...themes.flatMap(({ name, dress }) =>
      dress
        .filter(({ activity }) => !ids.has(activity))
        .map(({ activity }) => `themes.yaml: ${name}/dress: there is no activity "${activity}"`),
    ),
    ...words
      .filter((word, i) => words.indexOf(word) !== i)
      .map((word) => `themes.yaml: "${word}" means two themes`),
  ];
}

/** Every fault of the content, with its file and the place in it. */
export function contentFaults(content: Content): string[] {
  const faults = faultsOfCatalogue(content.pack).map(({ path, message, code }) => {
    const file = content.fileOf.get(path.split("/")[0] ?? "") ?? `${path.split("/")[0]}.yaml`;
    return `${file}: ${path}: ${message} [${code}]`;
  });
  const materials = new Map<string, Material>(content.pack.materials.map((one) => [one.id, one]));
  const makings = faultsOfMakings(content.makings, materials).map(
    ({ path, message, code }) => `makings.yaml: ${path}: ${message} [${code}]`,
  );
  const hazards = [
    ...untoldHazards(content.pack.activities, materials, content.hazardWords),
    ...withoutSteadyHead(content.pack.activities),
    ...uncountedStrips(content.pack.activities, materials),
  ].map((text) => `${content.fileOf.get(text.split("/")[0] ?? "")}: ${text}`);
  const around = [
    ...unsafeThemes(content.themes, content.pack.dangers, content.hazardWords),
    ...unsafeMakings(content.makings),
    ...unsafeRecipes(content.pack.materials),
  ];
  const printing = printingFaults(content.pack.printing, new Set(materials.keys()), content.pack.activities);
  return [
    ...faults,
    ...printing,
    ...makings,
    ...themeFaults(content),
    ...arrowFaults(content),
    ...hazards,
    ...around,
  ];
}

/** Writes what the app loads: the ladders to plan from, and apart from them guides and makings, read when one is opened. */
function writeBuilt({ pack, makings, themes }: Content) {
  const built = join(CATALOGUE, "built");
  mkdirSync(built, { recursive: true });
  const ladders = { ...pack, activities: pack.activities.map(({ guide: _, ...ladder }) => ladder) };
  const guides = Object.fromEntries(pack.activities.map(({ id, guide }) => [id, guide]));
  writeFileSync(join(built, "ladders.json"), JSON.stringify(ladders));
  writeFileSync(join(built, "guides.json"), JSON.stringify(guides));
  writeFileSync(join(built, "makings.json"), JSON.stringify(makings));
  const swaps = Object.fromEntries(
    pack.activities.flatMap(({ id, guide }) => (guide?.dress ? [[id, guide.dress]] : [])),
  );
  const wardrobe: Wardrobe = { themes, swaps };
  writeFileSync(join(built, "wardrobe.json"), JSON.stringify(wardrobe));
}

function main() {
  try {
    const content = readContent(CATALOGUE);
    const faults = contentFaults(content);
    if (faults.length > 0) throw new Error(faults.join("\n"));
    writeBuilt(content);
    // Written only when asked for, so that the tests can tell when the page has fallen behind.
    if (process.argv.includes("--page")) {
      writeFileSync(join(ROOT, "docs/coverage.md"), coverageText(content));
      writeFileSync(join(ROOT, "docs/safety-rules.md"), safetyText());
    }
  } catch (error) {
    console.error(error instanceof ContentFault || error instanceof Error ? error.message : error);
    process.exit(1);
  }
}

if (process.argv[1] === import.meta.filename) main();
