import { railWords } from "@/words/rail";

/** What the owner of a piece is called: a client by name, and the studio where there is none. */
export function ownerNamer(clients: readonly { readonly id: string; readonly name: string }[]) {
  return (clientId: string | null) =>
    clients.find((client) => client.id === clientId)?.name ?? railWords.studioKit;
}
