import proxyAddr from "proxy-addr";
import { actionRequest } from "./action-body.mjs";
import { Problem } from "./problem.mjs";

/** The most that is read of a request, in bytes: five thousand pieces recorded at once are two thirds of it. */
export const mostBytes = 8 * 1024 * 1024;

/**
 * Said of every answer, pages and files alike: a worker lives by the policy of its own file. A page says its own in
 * place of this one.
 */
const plainPolicy =
  "default-src 'self'; object-src 'none'; frame-ancestors 'none'; base-uri 'none'; form-action 'self'";
const always = {
  "content-security-policy": plainPolicy,
  "x-content-type-options": "nosniff",
  "referrer-policy": "same-origin",
  "cross-origin-opener-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "permissions-policy": "camera=(self), geolocation=(), microphone=(), payment=(), usb=()",
};
const behindTls = { "strict-transport-security": "max-age=63072000; includeSubDomains" };

/**
 * What stands before the application: it says whose request it is, turns away what nobody should read, and puts what
 * holds for every answer on it.
 * @param {NodeJS.ProcessEnv} env JUXTANE_TRUSTED_PROXIES: addresses or networks whose word on the caller is taken;
 * JUXTANE_HTTPS: 1 behind TLS
 * @returns {(req: import("node:http").IncomingMessage, res: import("node:http").ServerResponse) =>
 * Promise<import("node:http").IncomingMessage | null>} the request to hand on; null when it has been answered
 */
export function front(env) {
  const trusts = trusted(env.JUXTANE_TRUSTED_PROXIES ?? "");
  const headers = Object.entries(env.JUXTANE_HTTPS === "1" ? { ...always, ...behindTls } : always);
  return async (req, res) => {
    for (const [name, value] of headers) res.setHeader(name, value);
    const isFromProxy = trusts(req.socket.remoteAddress ?? "", 0);
    req.headers["x-juxtane-address"] = proxyAddr(req, trusts);
    // What only a proxy may say of the caller is taken from nobody else.
    if (!isFromProxy)
      req.headers = Object.fromEntries(
        Object.entries(req.headers).filter(
          ([name]) => name !== "forwarded" && !name.startsWith("x-forwarded-"),
        ),
      );
    const refusal = refusalOf(req);
    if (refusal) return turnAway(res, refusal);
    if (!isReadable(req.url ?? "/")) req.url = nowhere;
    if (!isAction(req.headers)) return req;
    const met = await actionRequest(req, mostBytes);
    if (met === "too large") return turnAway(res, tooLarge);
    return met ?? turnAway(res, { status: 400, say: "No page sends this.\n" });
  };
}

function turnAway(res, { status, say }) {
  res.writeHead(status, { "content-type": "text/plain; charset=utf-8", connection: "close" });
  res.end(say);
  return null;
}

/** A path that no page has: it shows the page for what is not there. */
const nowhere = "/nowhere";

function trusted(list) {
  const networks = list
    .split(",")
    .map((each) => each.trim())
    .filter(Boolean);
  if (networks.length === 0) return () => false;
  try {
    return proxyAddr.compile(networks);
  } catch {
    throw new Problem(
      `JUXTANE_TRUSTED_PROXIES must be addresses or networks, such as 127.0.0.1 or 10.0.0.0/8; "${list}" is not.`,
    );
  }
}

const tooLarge = { status: 413, say: "This is too large: at most 8 MB are taken at once.\n" };

/** The one form that is sent without the page's code. */
const plainForm = "/sign-out";

/** Where a client's file is opened: what takes it counts how long it is, and reads no more than it takes. */
const clientFile = "/clients/file";

/** A page of another origin cannot send this type without being asked first, and is never told that it may. */
function isClientFile({ method, url, headers }) {
  return method === "POST" && url === clientFile && headers["content-type"] === "application/octet-stream";
}

function refusalOf(req) {
  const { method, url, headers } = req;
  if (isClientFile(req)) return null;
  if (Number(headers["content-length"] ?? 0) > mostBytes) return tooLarge;
  const takesBody = method === "POST" && (url === plainForm || isAction(headers));
  if (method !== "GET" && method !== "HEAD" && !takesBody)
    return { status: 405, say: "Nothing is taken here in this way.\n" };
  return null;
}

/** Whether something is sent as the pages send it: an action by its name, its input as text. */
function isAction(headers) {
  return (
    /^[0-9a-f]{30,60}$/.test(String(headers["next-action"])) &&
    String(headers["content-type"]).toLowerCase().startsWith("text/plain")
  );
}

/** Whether a path can be read as text at all. */
function isReadable(url) {
  try {
    return !decodeURIComponent(url.split("?")[0]).includes("\0");
  } catch {
    return false;
  }
}
