import type { ClientFile } from "@/core/formats/client-file/client-file";
import { saidOf } from "@/core/formats/client-file/named";
import type { Tenant } from "../../db/tenant";
import { stampOf } from "../photos";
import { kitPieces } from "../pieces";

/**
 * Pieces of the kit in a file that the studio has already, alike in all that is said of them and in their photos: the id of each in
 * the file, and here. Where several are alike each stands for one.
 */
export async function kitThatIsHere(
  tenant: Tenant,
  { pieces }: Pick<ClientFile, "pieces">,
): Promise<ReadonlyMap<string, string>> {
  const ofKit = pieces.filter((each) => each.ofKit && each.putAwayAt === null);
  if (ofKit.length === 0) return new Map();
  const free = new Map<string, string[]>();
  for (const piece of await kitPieces(tenant)) {
    const said = saidOf(piece, piece.photo ?? null);
    free.set(said, [...(free.get(said) ?? []), piece.id]);
  }
  const found = ofKit.flatMap(({ piece, photo }): [string, string][] => {
    const id = free.get(saidOf(piece, photo && stampOf(photo)))?.shift();
    return id === undefined ? [] : [[piece.id, id]];
  });
  return new Map(found);
}
