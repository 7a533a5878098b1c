import { toast } from "sonner";
import { sayWith } from "@/words/say";
import { benchWords } from "@/words/bench";
import { saveFile, savePicture, saveSvg } from "../../kit/save-file";
import { lookTitle } from "../../papers/words/look-title";
import { useBenchState, useDesk } from "./desk/use-desk";
import { fromLook } from "./from-look";

/** How long a sentence about a file that was not opened stays, ms. */
const long = 12_000;

/** Saves the look on the bench as a file, drawing or picture, and lays one from a file there; each says what came of it. */
export function useLookFiles() {
  const { look, openLook, source } = useDesk();
  const baseId = useBenchState((state) => state.look.baseId);
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
      const { phonePicture } = await import("../../papers/parts/phone-picture");
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
  return { draw, picture, forAPhone, write, open };
}
