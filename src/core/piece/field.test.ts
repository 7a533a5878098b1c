import { describe, expect, it } from "vitest";
import { isAsked } from "./field";
import { initialFigures } from "./initial-figures";
import { kindNames } from "./kinds";
import { specOf } from "./piece";
import { typicalFigure } from "./typical";

const shoe = specOf({ kind: "shoe" }).figures;
const asked = (name: string, figures: Readonly<Record<string, unknown>>) => {
  const field = shoe[name];
  return field !== undefined && isAsked(field, name, figures, shoe);
};

describe("which figures are asked", () => {
  it("a shaft is asked of boots, and of a pump only where somebody has said one", () => {
    expect(asked("shaft", { form: "boot", shaft: null })).toBe(true);
    expect(asked("shaft", { form: "pump", shaft: null })).toBe(false);
    expect(asked("shaft", { form: "pump", shaft: 14 })).toBe(true);
    expect(asked("lift", { form: "pump" })).toBe(true);
  });

  it("what a strap is made of is asked as long as there may be one", () => {
    const bag = specOf({ kind: "bag" }).figures;
    const field = bag.strapMade;
    if (!field) throw new Error("a bag has a strap");
    const isOf = (strap: number | null) =>
      isAsked(field, "strapMade", { strap, strapMade: field.initial }, bag);
    expect([isOf(58), isOf(null), isOf(0)]).toEqual([true, true, false]);
  });

  it.each(kindNames)("%s depends on figures it has, and on options these have", (kind) => {
    const fields = specOf({ kind }).figures;
    for (const [name, { only }] of Object.entries(fields)) {
      if (!only) continue;
      const on = fields[only.figure];
      expect(on, `${kind}.${name}`).toBeDefined();
      if (only.is !== "there" && on?.type === "choice")
        for (const option of only.is) expect(on.options).toContain(option);
    }
  });
});

describe("what is usual", () => {
  it.each(kindNames)("%s: is within what a figure allows, whatever its form", (kind) => {
    const fields = specOf({ kind }).figures;
    const forms = fields.form?.type === "choice" ? fields.form.options : [""];
    for (const form of forms)
      for (const [name, field] of Object.entries(fields)) {
        const usual = typicalFigure(kind, { ...initialFigures(kind), form }, name);
        if (field.type !== "number" || usual === null) continue;
        expect(usual).toBeGreaterThanOrEqual(field.min);
        expect(usual).toBeLessThanOrEqual(field.max);
      }
  });
});
