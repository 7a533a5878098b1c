import { addDays, differenceInCalendarDays, format, parseISO } from "date-fns";
import { hash } from "@node-rs/argon2";
import { inStudio, type Tenant } from "../tenant";
import { bases } from "../../records/bases";
import { addClient } from "../../records/clients";
import { addGap } from "../../records/gaps";
import { keepLook } from "../../records/looks";
import { foundStudio, noStudioYet } from "../../records/members";
import { addOccasion } from "../../records/occasions";
import { addPiece } from "../../records/pieces";
import { sets } from "../../records/sets";
import { addTemplate } from "../../records/templates";
import { addWear } from "../../records/wears";
import { v7 as uuid } from "uuid";
import { ingrid } from "./ingrid";
import { gaps, templates, worn } from "./library";
import { ottoline } from "./ottoline";
import { teodor } from "./teodor";
import { wren } from "./wren";
import type { DemoClient } from "./wardrobe";

/** The demo sign-in; it is printed and shown only in demo mode. */
export const demoSignIn = { email: "desk@quillmere.example", password: "harbour-lantern" };

/** Fills an empty database with Quillmere Studio; does nothing when a studio is there already. */
export async function seedDemo(): Promise<boolean> {
  if (!(await noStudioYet())) return false;
  const { studioId } = await foundStudio({
    studioName: "Quillmere Studio",
    userName: "Maren Quill",
    email: demoSignIn.email,
    passwordHash: await hash(demoSignIn.password),
  });
  await inStudio(studioId, async (tenant) => {
    await addDemoClient(tenant, ottoline);
    await addDemoClient(tenant, ingrid);
    await addDemoClient(tenant, teodor);
    await addDemoClient(tenant, wren);
    for (const template of templates) await addTemplate(tenant, template);
  });
  return true;
}

async function addDemoClient(tenant: Tenant, demo: DemoClient): Promise<void> {
  const clientId = await addClient(tenant, demo.client);
  const pieceIds = new Map<string, string>();
  for (const [key, draft] of Object.entries(demo.pieces))
    pieceIds.set(key, await addPiece(tenant, { piece: draft, clientId, state: "ready" }));
  const piecesOf = (keys: readonly string[]) => keys.map((key) => named(pieceIds, key));
  const baseIds = new Map<string, string>();
  for (const { name, garments } of demo.bases)
    baseIds.set(name, await bases.add(tenant, { clientId, name, pieceIds: piecesOf(garments) }));
  for (const { name, accessories } of demo.sets) {
    const setId = await sets.add(tenant, { clientId, name, pieceIds: piecesOf(accessories) });
    for (const day of worn[name] ?? []) await addWear(tenant, { clientId, setId, day: fromToday(day) });
  }
  for (const gap of gaps[demo.client.name] ?? []) await addGap(tenant, { clientId, ...gap });
  const occasionIds = new Map<string, string>();
  for (const occasion of demo.occasions)
    occasionIds.set(
      occasion.name,
      await addOccasion(tenant, { clientId, occasion: { ...occasion, day: fromToday(occasion.day) } }),
    );
  for (const look of demo.looks)
    await keepLook(tenant, {
      id: uuid(),
      clientId,
      baseId: named(baseIds, look.base),
      occasionId: look.occasion === null ? null : named(occasionIds, look.occasion),
      accessoryIds: piecesOf(look.accessories),
      adjustments: look.adjustments.map((adjustment) => ({
        ...adjustment,
        piece: named(pieceIds, adjustment.piece),
      })),
      ownVerdict: null,
      read: null,
    });
}

/** The day on which the scenario was written down: its occasions lie as far from today as from that day. */
const written = "2026-11-24";

function fromToday(day: string): string {
  const ahead = differenceInCalendarDays(parseISO(day), parseISO(written));
  return format(addDays(new Date(), ahead), "yyyy-MM-dd");
}

function named(ids: ReadonlyMap<string, string>, key: string): string {
  const id = ids.get(key);
  if (!id) throw new Error(`the demo scenario has no "${key}"`);
  return id;
}
