"use client";

import { useRouter } from "next/navigation";
import { useRef } from "react";
import { toast } from "sonner";
import { keyOfAction } from "@/core/studio/shortcuts";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { papersWords } from "@/words/papers";
import { Menu, MenuItem } from "../kit/menu";
import { useShortcuts } from "../kit/shortcuts";
import { lookTitle } from "../papers/look-title";
import { paperAddress } from "../papers/paper-address";
import { benchActions } from "./desk/actions";
import { useBenchState, useDesk } from "./desk/use-desk";
import { fromLook } from "./from-look";
import { saveFile, savePicture, saveSvg } from "../kit/save-file";
import { sayKey } from "./shortcuts";

/** How long a sentence about a file that was not opened stays, ms. */
const long = 12_000;

/** What else can be done at the bench; writes the look to a file, or lays one from a file on the bench. */
export function LookMenu() {
  const desk = useDesk();
  const { shortcuts } = useShortcuts();
  const input = useRef<HTMLInputElement>(null);
  const { look, openLook, source } = desk;
  const lookId = useBenchState((state) => state.look.id);
  const baseId = useBenchState((state) => state.look.baseId);
  const router = useRouter();
  const stem = look.client.name.toLowerCase().replace(/[^a-z0-9]+/g, "-");
  const figure = () => document.querySelector<SVGSVGElement>('[aria-label="Figure"] svg');
  const draw = () => {
    const drawing = figure();
    if (!drawing) return;
    saveSvg(drawing, `${stem}.svg`);
    toast(benchWords.theDrawingIsSavedAs);
  };
  const picture = async () => {
    const drawing = figure();
    if (!drawing) return;
    try {
      await savePicture(drawing, `${stem}.png`);
      toast(benchWords.thePictureIsSavedAs);
    } catch {
      toast(benchWords.thisBrowserCouldNotMake, { duration: long });
    }
  };
  const forAPhone = async () => {
    const base = { name: source.bases.find(({ id }) => id === baseId)?.name ?? "" };
    try {
      const { phonePicture } = await import("../papers/phone-picture");
      const picture = await phonePicture({ look, ...lookTitle({ record: { name: "" }, look, base }) });
      saveFile(picture, "image/png", `${stem}-phone.png`);
      toast(benchWords.thePictureIsSavedAs);
    } catch {
      toast(benchWords.thisBrowserCouldNotMake, { duration: long });
    }
  };
  const write = async () => {
    const { serialiseLook } = await import("@/core/formats/look-file");
    saveFile(serialiseLook(look), "application/json", `${stem}.look.json`);
    toast(benchWords.theLookIsSavedAs);
  };
  const open = async (file: File) => {
    const { parseLook } = await import("@/core/formats/look-file");
    try {
      openLook(fromLook(parseLook(await file.text())));
      toast(sayWith(benchWords.isOnTheBenchIt, { file: file.name }));
    } catch (error) {
      const why = error instanceof Error ? error.message : benchWords.itCannotBeRead;
      toast(sayWith(benchWords.wasNotOpenedTheBench, { file: file.name, why }), { duration: long });
    }
  };
  return (
    <>
      <Menu label={benchWords.more}>
        {benchActions
          .filter(({ inMenu }) => inMenu)
          .map((action) => (
            <MenuItem
              key={action.id}
              onSelect={() => action.does(desk)}
              keys={sayKey(keyOfAction(action, shortcuts))}
            >
              {action.words}
            </MenuItem>
          ))}
        <MenuItem onSelect={() => void write()}>{benchWords.saveTheLookAsA}</MenuItem>
        <MenuItem onSelect={draw}>{benchWords.saveTheDrawingSvg}</MenuItem>
        <MenuItem onSelect={() => void picture()}>{benchWords.saveAPicturePng}</MenuItem>
        <MenuItem onSelect={() => void forAPhone()}>{papersWords.saveForAPhone}</MenuItem>
        <MenuItem onSelect={() => window.print()}>{benchWords.printACard}</MenuItem>
        {source.kept && (
          <MenuItem
            onSelect={() =>
              router.push(
                paperAddress({
                  clientId: source.client.id,
                  kind: "look-cards",
                  sheet: "a5",
                  looks: [lookId],
                }).seen,
              )
            }
          >
            {papersWords.handThisLookOver}
          </MenuItem>
        )}
        <MenuItem onSelect={() => input.current?.click()}>{benchWords.openALookFile}</MenuItem>
      </Menu>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label={benchWords.lookFile}
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void open(file);
          event.target.value = "";
        }}
      />
    </>
  );
}
