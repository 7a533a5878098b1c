/** The arrows of the house: each rule says what may not lead where. */
const core = "^src/core";
const rooms = (names) => `^src/core/(${names})/`;

module.exports = {
  forbidden: [
    {
      name: "no-circles",
      severity: "error",
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ["type-only"] } },
    },
    {
      name: "core-stands-alone",
      comment: "The core knows no interface, no database, no server and no clock.",
      severity: "error",
      from: { path: core },
      to: { path: "^src/(?!core)" },
    },
    {
      name: "core-is-pure",
      severity: "error",
      from: { path: core, pathNot: "\\.test\\.ts$" },
      to: { path: "node_modules/(react|react-dom|next|knex|pg)/", dependencyTypesNot: ["type-only"] },
    },
    {
      name: "core-knows-no-platform",
      severity: "error",
      from: { path: core, pathNot: "\\.test\\.ts$" },
      to: { dependencyTypes: ["core"] },
    },
    {
      name: "measuring-before-judging",
      comment: "Colour, body, hems and dressing are read by rules, never the other way round.",
      severity: "error",
      from: {
        path: rooms("colour|finish|style|register|body|proportion|strap|chain|dressing|length"),
        pathNot: "\\.test\\.ts$",
      },
      to: { path: rooms("rules|reading|search|formats|studio") },
    },
    {
      name: "rules-before-reading",
      severity: "error",
      from: { path: rooms("rules"), pathNot: "\\.test\\.ts$" },
      to: { path: rooms("reading|search|formats|studio") },
    },
    {
      name: "ui-reads-core-only",
      severity: "error",
      from: { path: "^src/ui" },
      to: { path: "^src/(server|app)" },
    },
    {
      name: "server-reads-core-only",
      severity: "error",
      from: { path: "^src/server" },
      to: { path: "^src/(ui|app|workers)" },
    },
    {
      name: "workers-read-core-only",
      severity: "error",
      from: { path: "^src/workers" },
      to: { path: "^src/(ui|server|app)" },
    },
    {
      name: "nothing-imports-app",
      severity: "error",
      from: { path: "^src/(?!app)" },
      to: { path: "^src/app" },
    },
    {
      name: "only-records-write-sql",
      comment: "Knex is used where records are kept; the tenant transaction is the only way in.",
      severity: "error",
      from: { path: "^src/(?!server/(db|records)/)" },
      to: { path: "node_modules/(knex|pg)/", dependencyTypesNot: ["type-only"] },
    },
    {
      name: "one-door-to-the-pool",
      severity: "error",
      from: { path: "^src", pathNot: "^src/server/(db/|records/members|session/attempts)" },
      to: { path: "^src/server/db/database" },
    },
    {
      name: "no-orphans",
      severity: "error",
      from: { orphan: true, pathNot: "^src/(proxy|app/)|\\.d\\.ts$" },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: {
      extensions: [".ts", ".tsx", ".mjs", ".js", ".css"],
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
    },
    exclude: { path: "\\.css$" },
  },
};
