import "server-only";
import { headers } from "next/headers";

/** The address a request came from, as the server's front has made sure of it; "direct" where none stands before. */
export async function callerAddress(): Promise<string> {
  return (await headers()).get("x-juxtane-address") ?? "direct";
}
