export * from "./checkActivity";
export * from "./checkCatalogue";
export * from "./coverage";
export * from "./draft";
export * from "./readPack";
export * from "./rungScripts";
