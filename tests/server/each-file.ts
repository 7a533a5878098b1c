import { afterAll, vi } from "vitest";
import { closeDatabase } from "@/server/db/database";
import { closeOwner } from "./studios";

// What only a request has: a cookie, its headers, and pages to lay out anew.
vi.mock("@/server/session/session", () => import("./session-of-test"));
vi.mock("next/cache", () => ({ revalidatePath: () => undefined }));
vi.mock("next/headers", () => ({ headers: () => Promise.resolve(new Headers()) }));
vi.mock("next/navigation", () => ({ redirect: () => undefined }));

afterAll(async () => {
  await closeDatabase();
  await closeOwner();
});
