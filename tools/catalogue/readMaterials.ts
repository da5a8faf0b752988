import type { ZodType } from "zod";
import { Material } from "../../app/core/model";
import { ContentFault, type FormRow, hazardsOf, listOf, lookOf, pieceOf, standInsOf, wellsOf } from "./short";
import { onlyKnown, parsed, type Row, yamlOf } from "./yaml";

/** "250 g" → quantity and unit; "1" → pieces. */
function partOf([name, text]: [string, unknown], things: ReadonlyMap<string, string>, at: string) {
  const [, quantity, unit = "piece"] = /^([\d.]+)(?: (g|ml))?$/.exec(String(text)) ?? [];
  if (!quantity) throw new ContentFault(at, `"${text}" is not an amount in g, ml or pieces`);
  const material = things.get(name);
  return { name, quantity: Number(quantity), unit, ...(material ? { material } : {}) };
}

/** How things are mixed at home, by the material they make. */
function recipesOf(folder: string, things: ReadonlyMap<string, string>): Map<string, object> {
  const rows = yamlOf("recipes.yaml", folder) as Record<string, Row>;
  return new Map(
    Object.entries(rows).map(([id, row]) => {
      const at = `recipes.yaml: ${id}`;
      onlyKnown(row, "makes parts how minutes stands keeps bought", at);
      const parts = Object.entries(row.parts as Row).map((part) => partOf(part, things, `${at}/parts`));
      const { makes, how, minutes, stands, keeps } = row;
      const orBought = row.bought === true || undefined;
      return [id, { makes, parts, how, minutes, standsHours: stands ?? 0, keepsDays: keeps, orBought }];
    }),
  );
}

/** Groups of forms that a layout tells apart. */
const FORM_KINDS: Readonly<Record<string, FormRow["as"]>> = { vessels: "vessel", tools: "tool" };

/** How things are drawn, by form. */
function formsOf(folder: string): Map<string, FormRow> {
  const groups = yamlOf("forms.yaml", folder) as Record<string, Record<string, Row>>;
  return new Map(
    Object.entries(groups).flatMap(([group, rows]) =>
      Object.entries(rows).map(([name, row]): [string, FormRow] => {
        onlyKnown(row, "top front stands", `forms.yaml: ${name}`);
        const top = String(row.top);
        const front = row.front === "same" ? top : row.front;
        const as = FORM_KINDS[group];
        return [
          name,
          {
            top,
            ...(as ? { as } : {}),
            ...(front === undefined ? {} : { front: String(front) }),
            ...(row.stands ? { stands: true as const } : {}),
          },
        ];
      }),
    ),
  );
}

/** Every thing of the catalogue, with its recipe and how it is drawn. */
export function materialsOf(folder: string): Material[] {
  const forms = formsOf(folder);
  const byPlace = yamlOf("materials.yaml", folder) as Record<string, Row[]>;
  const names = Object.values(byPlace)
    .flat()
    .flatMap(({ id, name, also }) =>
      [id, name, ...listOf(also)].map((word) => [String(word), String(id)] as const),
    );
  const recipes = recipesOf(folder, new Map(names));
  return Object.entries(byPlace).flatMap(([found, rows]) =>
    rows.map((row) => {
      const at = `materials.yaml: ${row.id}`;
      onlyKnown(
        row,
        "id name also has piece opening wells holds stem bulk hazards standIns uses pack seasons keeps look spread mass water colours magnetic opens stiffness soft shows",
        at,
      );
      const [quantity, cents] = row.pack === undefined ? [] : String(row.pack).split(/\s+/).map(Number);
      const material = {
        id: row.id,
        name: row.name,
        also: listOf(row.also),
        found,
        usual: row.has ?? 0,
        use: row.uses === undefined ? "reusable" : "consumable",
        unit: row.uses ?? "piece",
        piece: pieceOf(row.piece, `${at}/piece`),
        openingMm: row.opening,
        wells: wellsOf(row.wells, `${at}/wells`),
        holdsMl: row.holds,
        stemMm: row.stem,
        bulkMl: row.bulk,
        spreadMm: row.spread === undefined ? undefined : String(row.spread).split(/\s+/).map(Number),
        massG: row.mass,
        inWater: row.water,
        colours: row.colours,
        magnetic: row.magnetic,
        opensBy: row.opens,
        stiffness: row.stiffness,
        soft: row.soft,
        shows: row.shows,
        hazards: hazardsOf(row.hazards, `${at}/hazards`),
        standIns: standInsOf(row.standIns),
        seasons: listOf(row.seasons),
        keepsDays: row.keeps,
        recipe: recipes.get(String(row.id)),
        pack: quantity === undefined ? undefined : { quantity, cents },
        look: lookOf(row.look, forms, `${at}/look`),
      };
      return parsed(Material as ZodType<Material>, material, at);
    }),
  );
}
