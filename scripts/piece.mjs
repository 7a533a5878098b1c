// npm run piece -- "one line" ...: prints what each line is understood as, one JSON object a line. Exit 2 without a line.
import { runTyped } from "./lib/run-typed.mjs";

runTyped("piece.ts");
