// npm run scarf -- file.json: prints what scarf cases come to, as one JSON array. Exit 2 and one line on bad input.
import { runTyped } from "./lib/run-typed.mjs";

runTyped("scarf.ts");
