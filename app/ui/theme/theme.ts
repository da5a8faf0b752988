import type { ThemeConfig } from "antd";
import { COLOURS, FONTS, SIZES } from "./tokens.ts";

/** Ant Design's parts in our tokens: spruce instead of its blue, darker text than its default, no shadows. */
export const THEME: ThemeConfig = {
  // One app, one version of the library: its class names need no hash, and its values are variables.
  hashed: false,
  // The styles are made when the app is built: tools/styles.
  zeroRuntime: true,
  cssVar: { key: "orto" },
  token: {
    colorPrimary: COLOURS.spruce,
    colorInfo: COLOURS.spruce,
    colorLink: COLOURS.spruce,
    colorLinkHover: COLOURS["spruce-dark"],
    colorSuccess: COLOURS.moss,
    colorWarning: COLOURS.amber,
    colorError: COLOURS.brick,
    colorText: COLOURS.ink,
    colorTextSecondary: COLOURS.quiet,
    colorTextDescription: COLOURS.quiet,
    colorTextPlaceholder: COLOURS.faint,
    colorBgLayout: COLOURS.mist,
    colorBgContainer: COLOURS.field,
    colorBorder: COLOURS.edge,
    colorBorderSecondary: COLOURS.line,
    borderRadius: SIZES.radius,
    borderRadiusLG: SIZES.radius,
    borderRadiusSM: SIZES.radius - 1,
    fontFamily: FONTS.text,
    fontSize: SIZES.text,
    controlHeight: SIZES.control,
    lineWidthFocus: SIZES.focus,
    boxShadow: "none",
    boxShadowSecondary: "none",
    // Calm; and a mark that fades out after its work would stay where the fading is never reported as over.
    motion: false,
  },
  components: {
    Button: { primaryShadow: "none", defaultShadow: "none", fontWeight: 600, paddingInlineSM: 8 },
    Form: { itemMarginBottom: 0, verticalLabelPadding: "0 0 3px" },
    Table: { colorBgContainer: COLOURS.paper },
    Collapse: { headerPadding: "8px 0", contentPadding: "0 0 8px" },
    Segmented: { itemSelectedBg: COLOURS.spruce, itemSelectedColor: "#ffffff", trackBg: COLOURS.mist },
  },
};
