import { IncomingMessage } from "node:http";

/** Nothing that a page sends is nested deeper. */
const deepest = 60;

/** What stands for a value that JSON has no word for. */
const wordless = new Set(["$undefined", "$NaN", "$Infinity", "$-Infinity", "$-0"]);

/**
 * Reads the input of an action and looks whether a page could have sent it: a list as JSON, in which a text that begins
 * with "$" is one of the framework's own few words, or points at something within the list. The framework would answer
 * anything else with an error of its own.
 * @param {number} most how many bytes are read, whatever length was said
 * @returns the request with its body still to be read; null when no page sends such a thing
 */
export async function actionRequest(req, most) {
  const parts = [];
  let bytes = 0;
  for await (const part of req) {
    bytes += part.length;
    if (bytes > most) return "too large";
    parts.push(part);
  }
  const body = Buffer.concat(parts);
  if (!isInput(body.toString("utf8"))) return null;
  const again = new IncomingMessage(req.socket);
  const { method, url, headers, rawHeaders, httpVersion, httpVersionMajor, httpVersionMinor } = req;
  Object.assign(again, { method, url, rawHeaders, httpVersion, httpVersionMajor, httpVersionMinor });
  // The framework hands an action on to the page that has it without saying how long it is.
  const { "transfer-encoding": _chunked, ...said } = headers;
  Object.assign(again.headers, said, { "content-length": String(body.length) });
  // It is all here: else its end would be taken for the caller going away.
  again.complete = true;
  again.push(body);
  again.push(null);
  return again;
}

function isInput(text) {
  let root;
  try {
    root = JSON.parse(text);
  } catch {
    return false;
  }
  if (!Array.isArray(root)) return false;
  const open = [{ value: root, depth: 0 }];
  for (let place = open.pop(); place; place = open.pop()) {
    const { value, depth } = place;
    if (typeof value === "string") {
      if (!isSound(value, root)) return false;
    } else if (typeof value === "object" && value !== null) {
      if (depth > deepest) return false;
      for (const inner of Object.values(value)) open.push({ value: inner, depth: depth + 1 });
    }
  }
  return true;
}

function isSound(text, root) {
  if (!text.startsWith("$") || text.startsWith("$$") || wordless.has(text)) return true;
  const [head, ...path] = text.slice(1).split(":");
  // What is sent twice is written once: the second time is a path to the first.
  if (head !== "0" || path.length === 0) return false;
  let at = root;
  for (const key of path) {
    if (typeof at !== "object" || at === null || !Object.hasOwn(at, key)) return false;
    at = at[key];
  }
  return typeof at === "object" && at !== null;
}
