import "react";

declare module "react" {
  /** Variables that our styles read, such as the colour of an area. */
  interface CSSProperties {
    [variable: `--${string}`]: string | number | undefined;
  }
}
