import type { RuleBook } from "@/core/rule-book/rule-book";
import type { LookKey, Wardrobe } from "@/core/studio/wardrobe";
import type { Tenant } from "../db/tenant";
import { wardrobeFor } from "./bench";
import { listLooks } from "./looks";
import { ruleBookVersions } from "./rule-books";
import { sets } from "./sets";

/** A client's rule book with the looks that show what it does. */
interface RuleBookRoom {
  readonly name: string;
  readonly book: RuleBook;
  readonly versions: Awaited<ReturnType<typeof ruleBookVersions>>;
  readonly wardrobe: Wardrobe;
  readonly looks: readonly { readonly name: string; readonly key: LookKey }[];
}

const mostLooks = 40;

/** The room of a client's rule book: the looks kept last, then every set on every base. */
export async function ruleBookRoom(tenant: Tenant, clientId: string): Promise<RuleBookRoom | null> {
  const found = await wardrobeFor(tenant, clientId);
  if (!found) return null;
  const { bases, ...wardrobe } = found;
  const garmentsOf = (baseId: string) => bases.find(({ id }) => id === baseId);
  const kept = (await listLooks(tenant, clientId, mostLooks)).flatMap((look) => {
    const base = garmentsOf(look.baseId);
    if (!base) return [];
    const occasion = wardrobe.occasions.find(({ id }) => id === look.occasionId);
    const { accessoryIds, adjustments, occasionId } = look;
    return [
      {
        name: occasion ? `${base.name}, ${occasion.name}` : base.name,
        key: { garmentIds: base.pieceIds, accessoryIds, adjustments, occasionId },
      },
    ];
  });
  const tried = (await sets.list(tenant, clientId)).flatMap((set) =>
    bases.map((base) => ({
      name: `${base.name} with ${set.name}`,
      key: { garmentIds: base.pieceIds, accessoryIds: set.pieceIds, adjustments: set.ways, occasionId: null },
    })),
  );
  return {
    name: found.client.name,
    book: found.client.ruleBook,
    versions: await ruleBookVersions(tenant, clientId),
    wardrobe,
    looks: [...kept, ...tried].slice(0, mostLooks),
  };
}
