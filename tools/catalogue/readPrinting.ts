import type { ZodType } from "zod";
import { Printing, type Rung } from "../../app/core/model";
import { sheetKindOf } from "../../app/core/print";
import { onlyKnown, parsed, type Row, yamlOf } from "./yaml";

const FILE = "sheets.yaml";

/** Reads the sheets that rungs ask for by name and the things that are made by printing. */
export function printingOf(folder: string): Printing {
  const { named, things, ...rest } = yamlOf(FILE, folder) as { named: Row; things: Record<string, Row> };
  onlyKnown(rest, "", FILE);
  const rows = Object.entries(things).map(([material, row]) => ({ material, ...row }));
  return parsed(Printing as ZodType<Printing>, { named, things: rows }, FILE);
}

/** Names, things, activities and fields of sheets that are nowhere. */
export function printingFaults(
  { named, things }: Printing,
  materials: ReadonlySet<string>,
  activities: readonly { id: string; rungs: readonly Pick<Rung, "id" | "sheet">[] }[],
): string[] {
  const places = new Set(
    activities.flatMap(({ id, rungs }) => [id, ...rungs.map((one) => `${id}/${one.id}`)]),
  );
  const asked = activities.flatMap(({ rungs }) => rungs.flatMap((one) => one.sheet ?? []));
  const requests = [
    ...Object.values(named).flat(),
    ...things.flatMap(({ madeBy, sheets }) => [...madeBy, ...sheets.flatMap((one) => one.print)]),
  ];
  const taken = requests.flatMap(({ values }) =>
    Object.values(values).flatMap((value) => (typeof value === "object" ? value.of : [])),
  );
  return [
    ...asked.filter((name) => !(name in named)).map((name) => `a rung asks for the sheet "${name}"`),
    ...[...things.map((one) => one.material), ...taken]
      .filter((id) => !materials.has(id))
      .map((id) => `"${id}" is no thing`),
    ...things
      .flatMap((one) => one.sheets.flatMap((sheet) => sheet.for ?? []))
      .filter((name) => !places.has(name))
      .map((name) => `"${name}" is no activity and no rung`),
    ...requests.flatMap(({ kind, values }) => {
      const known = sheetKindOf(kind);
      if (!known) return [`"${kind}" is no kind of sheet`];
      return Object.keys(values)
        .filter((name) => !(name in known.fields))
        .map((name) => `"${kind}" has no field "${name}"`);
    }),
  ].map((fault) => `${FILE}: ${fault}`);
}
