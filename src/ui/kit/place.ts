import type { Route } from "next";

/** Where something on a page may lead: a route of this application, of a client or a piece too. */
export type Place =
  Route | Route<`/clients/${string}`> | Route<`/rail/${string}`> | Route<`/rail/new?${string}`>;
