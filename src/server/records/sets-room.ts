import type { Tenant } from "../db/tenant";
import { wardrobeFor } from "./bench";
import { nameClients } from "./clients";
import { sets } from "./sets";
import { lastWorn } from "./wears";

/** The library of one client's sets; of the first client who has any when none is asked for. */
export async function setsRoom(tenant: Tenant, asked: string | undefined) {
  const names = await nameClients(tenant);
  const counts = await sets.firstOfEach(
    tenant,
    names.map(({ id }) => id),
  );
  const clients = names.map(({ id, name }) => ({ id, name, sets: counts.get(id)?.count ?? 0 }));
  const chosen =
    clients.find(({ id }) => id === asked) ?? clients.find(({ sets: own }) => own > 0) ?? clients[0];
  const wardrobe = chosen ? await wardrobeFor(tenant, chosen.id) : null;
  if (!chosen || !wardrobe) return { clients, library: null };
  return {
    clients,
    library: {
      wardrobe,
      sets: await sets.list(tenant, chosen.id),
      retired: await sets.listRetired(tenant, chosen.id),
      lastWorn: await lastWorn(tenant, chosen.id),
    },
  };
}
