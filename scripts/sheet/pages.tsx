import type { ReactNode } from "react";
import { bodiesPage, hairPage, looksPage, seatedPage } from "./bodies";
import { formsPage, garmentsPage } from "./forms";
import { surfacesPage } from "./surfaces";
import { tiesPage } from "./ties";
import { waysPage } from "./ways";

/** The pages of the contact sheet, by the name of their picture. */
export const pages: Readonly<Record<string, () => ReactNode>> = {
  bodies: bodiesPage,
  looks: looksPage,
  hair: hairPage,
  seated: seatedPage,
  garments: garmentsPage,
  forms: formsPage,
  surfaces: surfacesPage,
  ties: tiesPage,
  ways: waysPage,
};
