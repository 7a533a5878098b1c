/** Every place of a studio, by its address. */
export const placesOfStudio = [
  "/",
  "/clients",
  "/clients/new",
  "/rail",
  "/rail/new",
  "/rail/many",
  "/start",
  "/bench",
  "/sets",
  "/boards",
  "/boards/sets",
  "/boards/base",
  "/boards/gaps",
  "/boards/measure",
  "/boards/ground",
  "/rules",
  "/put-away",
  "/members",
] as const;

const belowClient = [
  "",
  "/bases/new",
  "/occasions",
  "/occasions/new",
  "/figures",
  "/rules",
  "/journal",
  "/papers",
  "/papers/look-cards",
  "/papers/lookbook",
  "/whole",
] as const;

/** Every place of one client, by its address. */
export function placesOfClient(client: string): string[] {
  return belowClient.map((path) => `/clients/${client}${path}`);
}
