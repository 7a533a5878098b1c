/** The arrows of the house: each rule says what may not lead where. */
const core = "^src/core";
const rooms = (names) => `^src/core/(${names.join("|")})/`;

/**
 * The storeys of the core, from the ground up: what is in one may know those below it and its own, never one
 * above. Types alone may be named upwards where a room below is handed what a room above has made.
 */
const storeys = {
  ground: ["length", "lists", "rule-book", "words"],
  measures: ["body", "chain", "colour", "finish", "photo", "register", "scarf"],
  vocabulary: ["hosiery", "neck", "piece", "place", "proportion", "strap", "style"],
  dressing: ["dressing"],
  rules: ["rules"],
  reading: ["reading", "sets"],
  searching: ["search"],
  records: ["schema", "studio", "intake"],
  files: ["formats"],
};

/** For every storey: nothing in it leads to one above. */
function upwards() {
  const names = Object.keys(storeys);
  return names.slice(0, -1).map((name, at) => ({
    name: `${name}-know-nothing-above`,
    severity: "error",
    from: { path: rooms(storeys[name]), pathNot: "\\.test\\.ts$" },
    to: {
      path: rooms(names.slice(at + 1).flatMap((above) => storeys[above])),
      dependencyTypesNot: ["type-only"],
    },
  }));
}

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
      name: "every-room-is-named",
      comment: "A room of the core that stands in none of the storeys below has no arrows yet: name it.",
      severity: "error",
      from: { path: `^src/core/(?!(${Object.values(storeys).flat().join("|")}|testing)/)` },
      to: {},
    },
    ...upwards(),
    {
      name: "words-are-words",
      comment: "Sentences know how a sentence is filled in, and nothing of who says it.",
      severity: "error",
      from: { path: "^src/words", pathNot: "\\.test\\.ts$" },
      to: { path: "^src/(?!words|core/words)" },
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
      from: { path: "^src", pathNot: "^src/server/(db/|records/doors|session/attempts)" },
      to: { path: "^src/server/db/database" },
    },
    {
      name: "no-orphans",
      severity: "error",
      from: { orphan: true, pathNot: "^src/(proxy|instrumentation|app/)|\\.d\\.ts$" },
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
