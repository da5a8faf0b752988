import { useState } from "react";

/** Whether the screen was wide enough, when this was first drawn, for what a phone keeps folded. */
export const useIsWide = (): boolean => useState(() => window.matchMedia("(min-width: 700px)").matches)[0];
