import { serverWords } from "@/words/server";
import type { Tenant } from "../db/tenant";
import { Refusal } from "./refusal";

/** What a client wears is hers or the kit's. @throws Refusal for a piece of somebody else, or of nobody here */
export async function refuseStrangePieces(
  tenant: Tenant,
  clientId: string,
  pieceIds: readonly string[],
): Promise<void> {
  const asked = [...new Set(pieceIds)];
  const own = await tenant("pieces")
    .where({ studio_id: tenant.studioId })
    .whereIn("id", asked)
    .where((hers) => void hers.where({ client_id: clientId }).orWhereNull("client_id"))
    .select("id");
  if (own.length < asked.length) throw new Refusal("pieceIds", serverWords.thisNamesAPieceThat);
}
