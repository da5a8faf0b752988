/** Imports run one way: routes → ui, words, engine, workers → core; in the engine commands → store. The catalogue is data handed to core. */
const only = (from, allowed) => ({
  name: `${from.replace(/\W+/g, "-")}-one-way`,
  severity: "error",
  from: { path: `^app/${from}/`, pathNot: "\\.test\\.tsx?$|/testing/" },
  to: {
    path: "^app/",
    pathNot: `^app/(${allowed.map((one) => (one.endsWith(".ts") ? one : `${one}/`)).join("|")})`,
  },
});

module.exports = {
  forbidden: [
    { name: "no-circular", severity: "error", from: {}, to: { circular: true } },
    only("core", ["core"]),
    only("catalogue", ["catalogue", "core/model"]),
    only("demo", ["demo", "core", "catalogue"]),
    only("engine", ["engine", "solver", "words", "core", "catalogue", "demo"]),
    only("engine/store", ["engine/store", "core", "catalogue"]),
    only("words", ["words", "core"]),
    only("solver", ["solver", "workers/withoutEval.ts", "core", "catalogue"]),
    only("workers", ["workers", "engine/store", "core", "catalogue"]),
    only("ui", ["ui", "words", "engine/commands/index.ts", "engine/queries", "core"]),
    {
      name: "a-screen-by-itself",
      comment: "What two screens use belongs to ui, words, commands or core.",
      severity: "error",
      from: { path: "^app/routes/([^/]+)/", pathNot: "\\.test\\.tsx?$" },
      to: { path: "^app/routes/[^/]+/", pathNot: "^app/routes/$1/" },
    },
    {
      name: "catalogue-is-loaded-apart",
      comment: "The data is fetched, so that no screen's code carries it.",
      severity: "error",
      from: { path: "^app/(routes|ui|engine|solver|workers)/", pathNot: "\\.test\\.tsx?$|/testing/" },
      to: { path: "^app/catalogue/(catalogue|guides)\\.ts$" },
    },
    {
      name: "core-is-pure",
      severity: "error",
      from: { path: "^app/core/", pathNot: "\\.test\\.tsx?$|/testing/" },
      to: {
        path: "node_modules",
        pathNot:
          "node_modules/(zod|jspdf|culori|@types/culori|date-fns|@date-fns/utc|highs|minisearch|ics|papaparse|@types/papaparse|pluralize|@types/pluralize|fastest-levenshtein)/",
      },
    },
    {
      name: "only-the-store-touches-dexie",
      severity: "error",
      from: { path: "^app/", pathNot: "^app/engine/store/|\\.test\\.tsx?$" },
      to: { path: "node_modules/dexie/" },
    },
    {
      name: "screens-leave-the-database-alone",
      comment: "Loaders take the household from the context; what is changed is changed by a command.",
      severity: "error",
      from: { path: "^app/(routes|ui)/", pathNot: "\\.test\\.tsx?$|/testing/" },
      to: { path: "^app/engine/store/(db|rows|clock)\\.ts$" },
    },
    {
      name: "queries-read-only",
      comment: "A query only reads. A command may ask as a query does; no query takes from a command.",
      severity: "error",
      from: { path: "^app/engine/queries/", pathNot: "\\.test\\.tsx?$" },
      to: { path: "^app/engine/commands/" },
    },
    {
      name: "core-model-is-the-base",
      severity: "error",
      from: { path: "^app/core/model/", pathNot: "\\.test\\.ts$" },
      to: { path: "^app/core/", pathNot: "^app/core/model/" },
    },
    {
      name: "tools-use-core-and-words",
      severity: "error",
      from: { path: "^tools/", pathNot: "\\.test\\.ts$" },
      to: { path: "^app/", pathNot: "^app/(core|words|catalogue|demo|ui/theme)/" },
    },
    {
      name: "no-test-code-in-app",
      severity: "error",
      from: { path: "^app/", pathNot: "\\.test\\.tsx?$|/testing/" },
      to: { path: "\\.test\\.tsx?$|/testing/" },
    },
  ],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    doNotFollow: { path: "node_modules" },
    exclude: { path: "^(build|\\.react-router)/" },
  },
};
