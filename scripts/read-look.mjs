// npm run read -- look.json: prints the reading of a look file. Exit 2 and one line on bad input.
import { runTyped } from "./lib/run-typed.mjs";

runTyped("read-look.ts");
