import { readFileSync } from "node:fs";
import { join } from "node:path";
import { hash } from "@node-rs/argon2";
import { addDays, differenceInCalendarDays, format, parseISO } from "date-fns";
import { parseBundle, type Bundle } from "@/core/formats/bundle";
import { fromBundle } from "@/core/formats/client-file/from-bundle";
import { parseTemplates } from "@/core/formats/templates-file";
import { takeInClient } from "../records/client-file/take-in";
import { foundStudio, noStudioYet } from "../records/doors";
import { todayIn } from "../records/studio";
import { addTemplate } from "../records/templates";
import { hashOfCode } from "./first-code";
import { inStudio } from "./tenant";

/** The demo sign-in; it is printed and shown only in demo mode. */
export const demoSignIn = { email: "desk@quillmere.example", password: "harbour-lantern" };

/** The clients of the demo studio, in the order in which they came. */
const clients = ["ottoline-varga", "ingrid-haldane", "teodor-almasi", "wren-castellane"];

/** The day on which the scenario was written down: its days lie as far from today as from that day. */
const written = "2026-11-24";

/**
 * Fills an empty database with Quillmere Studio; does nothing when a studio is there already.
 * @param folder where the files of the demo lie
 * @param code what the database was prepared with for its first run
 */
export async function seedDemo(folder: string, code: string): Promise<boolean> {
  if (!(await noStudioYet())) return false;
  const textOf = (file: string) => readFileSync(join(folder, file), "utf8");
  const { studioId } = await foundStudio({
    studioName: "Quillmere Studio",
    userName: "Maren Quill",
    email: demoSignIn.email,
    passwordHash: await hash(demoSignIn.password),
    codeHash: hashOfCode(code),
  });
  await inStudio(studioId, async (tenant) => {
    const today = await todayIn(tenant);
    const now = new Date().toISOString();
    for (const client of clients) {
      const bundle = movedTo(today, parseBundle(textOf(`${client}.bundle.json`)));
      await takeInClient(tenant, fromBundle(bundle, now), new Map());
    }
    for (const template of parseTemplates(textOf("templates.json"))) await addTemplate(tenant, template);
  });
  return true;
}

/** A bundle with every day of it as far from today as it was from the day it was written down. */
function movedTo(today: string, bundle: Bundle): Bundle {
  const by = differenceInCalendarDays(parseISO(today), parseISO(written));
  const moved = (day: string) => format(addDays(parseISO(day), by), "yyyy-MM-dd");
  return {
    ...bundle,
    occasions: bundle.occasions.map((occasion) => ({ ...occasion, day: moved(occasion.day) })),
    care: bundle.care.map((each) => ({ ...each, backOn: each.backOn && moved(each.backOn) })),
    sets: bundle.sets.map((set) => ({ ...set, worn: set.worn.map(moved) })),
  };
}
