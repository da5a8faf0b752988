import type { ThemeConfig } from "antd";

/** Our tokens for Ant Design's parts: spruce instead of its blue, darker text than its default. */
export const THEME: ThemeConfig = {
  token: {
    colorPrimary: "#1E5B52",
    colorInfo: "#1E5B52",
    colorLink: "#1E5B52",
    colorSuccess: "#2E6B3F",
    colorWarning: "#8A5A00",
    colorError: "#A63D2F",
    colorText: "#16302F",
    colorTextSecondary: "#4B5A58",
    colorTextPlaceholder: "#5F6C6A",
    colorBgLayout: "#EEF1EA",
    colorBgContainer: "#FDFCF8",
    colorBorder: "#8A9690",
    borderRadius: 5,
    fontFamily: "'Atkinson Hyperlegible Next Variable', sans-serif",
    fontSize: 15,
    controlHeight: 36,
    boxShadow: "none",
    boxShadowSecondary: "none",
    // Calm; and a mark that fades out after its work would stay where the fading is never reported as over.
    motion: false,
  },
  components: { Button: { primaryShadow: "none", defaultShadow: "none", fontWeight: 600 } },
};
