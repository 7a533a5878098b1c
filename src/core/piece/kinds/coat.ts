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
const clo = { coat: 0.6, "long cardigan": 0.35, cape: 0.5 } as const;

export const coat = defineKind({
  label: "Coat",
  slot: "layer",
  place: "layer",
  zone: "trunk",
  figures: {
    form: added(choice("Form", ["coat", "long cardigan", "cape"])),
    breasted: onlyWhere("form", ["coat"], added(choice("Buttoned", breasted))),
    collar: choice("Collar", collars),
    sleeve: onlyWhere("form", ["coat", "long cardigan"], choice("Sleeve", sleeves)),
    length: length("Length from the side neck point", [60, 150], 105),
    closed: flag("Worn closed"),
    ownBelt: added(flag("Comes with a belt of its own")),
  },
  extent: fromNeck,
  check: sleevelessForms,
  layer: () => "coat",
  leans: leansOpen,
  hides: ({ closed }) => closed,
  opening: lapelsOpenTo("coat"),
  area: layerArea,
  insulation: (figures, making) => clothed(clo[figures.form])(figures, making) * closedBy(figures),
  weight: () => 1500,
});
