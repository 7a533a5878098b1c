// npm run colours -- photo.jpg [--card x,y,w,h] ...: prints the colours of the piece in each photo, one JSON object a line.
import { runTyped } from "./lib/run-typed.mjs";

runTyped("colours.ts");
