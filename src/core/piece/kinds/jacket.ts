import { added, choice, flag, length, onlyWhere } from "../field";
import { layerArea } from "./areas";
import {
  breasted,
  closedBy,
  collars,
  fromNeck,
  lapelsOpenTo,
  leansOpen,
  sleevelessForms,
  sleeves,
} from "./cuts";
import { defineKind } from "./define-kind";
import { clothed } from "./insulation";

/** Insulation of each form in plain cloth, clo (ISO 9920; docs/model.md, Comfort). */
const clo = { jacket: 0.36, waistcoat: 0.13, cardigan: 0.28, cape: 0.3 } as const;

export const jacket = defineKind({
  label: "Jacket",
  slot: "layer",
  place: "layer",
  zone: "trunk",
  figures: {
    form: added(choice("Form", ["jacket", "waistcoat", "cardigan", "cape"])),
    breasted: onlyWhere("form", ["jacket", "waistcoat"], added(choice("Buttoned", breasted))),
    collar: choice("Collar", collars),
    sleeve: onlyWhere("form", ["jacket", "cardigan"], choice("Sleeve", sleeves)),
    length: length("Length from the side neck point", [35, 100], 66),
    closed: flag("Worn closed"),
    ownBelt: added(flag("Comes with a belt of its own")),
  },
  extent: fromNeck,
  check: sleevelessForms,
  layer: ({ form }) => (form === "waistcoat" ? "waistcoat" : "jacket"),
  leans: leansOpen,
  hides: ({ closed }) => closed,
  opening: lapelsOpenTo("jacket"),
  area: layerArea,
  insulation: (figures, making) => clothed(clo[figures.form])(figures, making) * closedBy(figures),
  weight: () => 900,
});
