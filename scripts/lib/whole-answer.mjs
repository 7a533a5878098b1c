/**
 * Holds an answer back until it is whole, and sends it in one piece. A process that dies before has sent nothing of it,
 * so that a balancer can ask another one and nobody notices; and one write is less work than dozens.
 * @param {import("node:http").ServerResponse} res
 */
export function sendWhole(res) {
  const parts = [];
  const [end, write] = [res.end.bind(res), res.write.bind(res)];
  const take = (part, encoding) => {
    if (part !== undefined && part !== null && typeof part !== "function")
      parts.push(typeof part === "string" ? Buffer.from(part, encoding || "utf8") : part);
  };
  const calledBack = (...given) => given.find((one) => typeof one === "function");
  res.flushHeaders = () => undefined;
  res.write = (part, encoding, done) => {
    take(part, typeof encoding === "string" ? encoding : undefined);
    const callback = calledBack(encoding, done);
    if (callback) process.nextTick(callback);
    return true;
  };
  res.end = (part, encoding, done) => {
    take(part, typeof encoding === "string" ? encoding : undefined);
    res.write = write;
    res.end = end;
    const body = Buffer.concat(parts);
    if (!res.headersSent && body.length > 0) {
      res.removeHeader("transfer-encoding");
      res.setHeader("content-length", body.length);
    }
    return end(body, calledBack(part, encoding, done));
  };
}
