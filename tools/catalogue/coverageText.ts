import { applies, BANDS, coverageOf, hasSmallPiece, knownOf } from "../../app/core/content";
import { AREA_IDS } from "../../app/core/model";
import type { Content } from "./read";

/** Which rungs have a small piece: "activity/rung". */
function smallRungs({ pack }: Content): Set<string> {
  const { materials } = knownOf(pack);
  return new Set(
    pack.activities.flatMap((activity) =>
      activity.rungs
        .filter((rung) => hasSmallPiece(rung, materials))
        .map((rung) => `${activity.id}/${rung.id}`),
    ),
  );
}

function bandTable(content: Content): string {
  const small = smallRungs(content);
  const cells = coverageOf(content.pack, (activity, rung) => small.has(`${activity}/${rung}`));
  const rows = AREA_IDS.map((area) => {
    const texts = BANDS.map((band) => {
      const cell = cells.find((one) => one.area === area && one.band === band);
      return applies(area, band) && cell ? `${cell.now} (${cell.nowWithLargePieces})` : "–";
    });
    return `| ${area} | ${texts.join(" | ")} |`;
  });
  const heads = BANDS.map((band) => `${band.from}–${band.to}`);
  return [`| area | ${heads.join(" | ")} |`, `| --- |${" --- |".repeat(BANDS.length)}`, ...rows].join("\n");
}

function familyTables({ families, pack }: Content): string {
  return families
    .map(({ name, arrows }) => {
      const own = pack.activities.filter((one) => one.family === name);
      const rungs = own.reduce((sum, one) => sum + one.rungs.length, 0);
      return [
        `### ${name[0]?.toUpperCase()}${name.slice(1)}`,
        "",
        `${own.length} activities, ${rungs} rungs: ${own.map((one) => `${one.name} (${one.rungs.length})`).join("; ")}.`,
        "",
        "| step | carried by |",
        "| --- | --- |",
        ...arrows.map(
          (arrow) => `| ${arrow.text} | ${arrow.rungs.map((path) => `\`${path}\``).join(", ")} |`,
        ),
      ].join("\n");
    })
    .join("\n\n");
}

/** The coverage page: what the catalogue has, by area and age and by family. */
export function coverageText(content: Content): string {
  const { activities, skills, materials } = content.pack;
  const rungs = activities.reduce((sum, one) => sum + one.rungs.length, 0);
  return `# What the catalogue covers

Made by \`npm run catalogue\` from the files in \`app/catalogue\`; do not edit it here.

${activities.length} activities with ${rungs} rungs, ${skills.length} skills, ${materials.length} materials, ${content.families.length} families.

## Areas and ages

How many rungs are *now* (a chance of 50 to 80 % alone) at the middle of each age band, in months, for a child of
whom nothing else is known. In brackets: those without a small piece, so that they suit a child who mouths.
Hands and world count from 3 months, words from 6, home and making from 12, numbers and thinking from 18; before, they are part of other areas.

${bandTable(content)}

## Families

${familyTables(content)}
`;
}
