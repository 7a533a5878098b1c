import { expect, it } from "vitest";
import { addressed } from "./address";

it.each([
  [{ client: "a" }, { client: "a" }],
  [{ client: ["a", "b"] }, { client: "b" }],
  [{ client: "a\0" }, {}],
  [{ client: "\ud800" }, {}],
  [{ client: "x".repeat(5_001) }, {}],
  [{ client: undefined, other: "a" }, {}],
  [Object.create({ client: "inherited" }) as Record<string, unknown>, {}],
])("an address that says %j says %j", (params, said) => {
  expect(addressed(params, ["client", "set"])).toEqual(said);
});
