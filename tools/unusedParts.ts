import { fileURLToPath } from "node:url";
import type { Plugin } from "vite";

/** Parts of the PDF library that are loaded on demand for what is never done here. */
const NONE = fileURLToPath(new URL("./none.ts", import.meta.url));
export const UNUSED_IMPORTS = Object.fromEntries(
  ["html2canvas", "dompurify", "canvg"].map((name) => [name, NONE]),
);

/**
 * Every schema can describe itself, and every field of a form has rules of the library's own. Nothing in the browser asks for
 * the one or gives the other, which a bundler can't know.
 */
const NEVER_CALLED =
  /node_modules\/(zod\/v4\/core\/(json-schema-processors|to-json-schema)|@rc-component\/async-validator\/es\/index)\.js$/;

interface Exporting {
  type: string;
  declaration?: { id?: { name: string }; declarations?: { id: { name: string } }[] } | null;
  specifiers?: { exported: { name: string } }[];
}

/** The names that a module exports. */
const namesOf = (body: readonly Exporting[]): string[] =>
  body.flatMap(({ type, declaration, specifiers = [] }) => {
    if (type === "ExportDefaultDeclaration") return ["default"];
    if (type !== "ExportNamedDeclaration") return [];
    const declared = declaration?.id
      ? [declaration.id]
      : (declaration?.declarations ?? []).map(({ id }) => id);
    return [...declared, ...specifiers.map(({ exported }) => exported)].map(({ name }) => name);
  });

/** What is never called is not shipped: its exports keep their names and do nothing. */
export const withoutUnusedParts = (): Plugin => ({
  name: "without-unused-parts",
  apply: "build",
  transform: {
    filter: { id: NEVER_CALLED },
    handler(code) {
      const names = namesOf(this.parse(code).body as unknown as Exporting[]);
      return `const nothing = () => undefined;\nexport { ${names.map((name) => `nothing as ${name}`).join(", ")} };`;
    },
  },
});
