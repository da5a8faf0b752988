import { StyleProvider } from "@ant-design/cssinjs";
import { extractStyle } from "@ant-design/static-style-extract";
import { ConfigProvider } from "antd";
import type { Plugin } from "vite";
import { THEME } from "../../app/ui/theme/theme.ts";

/** The parts that our screens are made of; what these are made of comes with them. */
const PARTS = [
  ...[
    "Alert",
    "Button",
    "Checkbox",
    "Collapse",
    "Form",
    "Input",
    "InputNumber",
    "Modal",
    "Pagination",
    "Progress",
    "Radio",
  ],
  ...["Segmented", "Select", "Slider", "Steps", "Switch", "Table", "Tabs", "Tag", "Tooltip"],
];

const NAME = "virtual:antd.css";
/** A name of its own in the graph of modules, with the ending that makes it a style. */
const ID = "\0antd.css";

/** The styles of Ant Design's parts in our tokens, as they would else be worked out in every browser at every start. */
export const antdCss = (): string =>
  extractStyle({
    includes: PARTS,
    customTheme: (parts) => (
      <StyleProvider layer>
        <ConfigProvider theme={{ ...THEME, zeroRuntime: false }}>{parts}</ConfigProvider>
      </StyleProvider>
    ),
  });

/** The styles as a module to import, and the programs that make them left out of what the browser loads. */
export const antdStyles = (): Plugin => ({
  name: "antd-styles",
  resolveId: (id) => (id === NAME ? ID : undefined),
  load: (id) => (id === ID ? antdCss() : undefined),
});

/** The hooks that take what makes a part's style as their second value. */
const HOOKS = new Set(["genStyleHooks", "genSubStyleComponent", "genComponentStyleHook"]);

interface Call {
  type: string;
  callee?: { name?: string };
  arguments?: { start: number; end: number }[];
}

/** All calls of these hooks in a syntax tree. */
function callsIn(node: unknown, found: Call[] = []): Call[] {
  if (Array.isArray(node)) for (const one of node) callsIn(one, found);
  else if (node && typeof node === "object") {
    const call = node as Call;
    if (call.type === "CallExpression" && HOOKS.has(call.callee?.name ?? "")) found.push(call);
    for (const value of Object.values(node)) callsIn(value, found);
  }
  return found;
}

/** The programs that make the styles are never run where the styles are there: what nobody calls is not shipped. */
export const withoutStyleMakers = (): Plugin => ({
  name: "without-style-makers",
  apply: "build",
  transform: {
    filter: { id: /node_modules\/antd\/es\/.*style\/.*\.js$/ },
    handler(code) {
      const makers = callsIn(this.parse(code)).flatMap((call) => call.arguments?.[1] ?? []);
      if (makers.length === 0) return undefined;
      return makers
        .toSorted((a, b) => b.start - a.start)
        .reduce((text, { start, end }) => `${text.slice(0, start)}() => []${text.slice(end)}`, code);
    },
  },
});
