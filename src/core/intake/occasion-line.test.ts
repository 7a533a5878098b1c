import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dayIn } from "./day-words";
import { readOccasion } from "./occasion-line";

/** A Friday. */
const today = "2026-11-27";

describe("an occasion in one line", () => {
  it.each([
    ["gallery opening on Friday evening", "Gallery opening", "2026-12-04", { low: 5, high: 7 }, "evening"],
    ["dinner tomorrow", "Dinner", "2026-11-28", { low: 5, high: 7 }, "evening"],
    ["board meeting 12 December", "Board meeting", "2026-12-12", { low: 6, high: 7 }, "indoor"],
    ["wedding in two weeks, black tie", "Wedding, black tie", "2026-12-11", { low: 8, high: 9 }, "evening"],
    ["garden party on the 3rd of June", "Garden party", "2027-06-03", { low: 5, high: 6 }, undefined],
    ["concert tonight", "Concert", "2026-11-27", { low: 4, high: 6 }, "evening"],
    ["coffee 2026-12-01", "Coffee", "2026-12-01", { low: 2, high: 4 }, undefined],
    [
      "dinner party at home saturday night",
      "Dinner party at home",
      "2026-11-28",
      { low: 5, high: 7 },
      "evening",
    ],
    ["opening night on friday", "Opening night", "2026-12-04", { low: 5, high: 7 }, "evening"],
    // What goes on goes before the place it is at.
    ["registry office wedding", "Registry office wedding", null, { low: 6, high: 8 }, "indoor"],
    ["church wedding", "Church wedding", null, { low: 6, high: 8 }, undefined],
    ["office christmas party", "Office christmas party", null, { low: 5, high: 7 }, "evening"],
    ["a day at the office", "A day at the office", null, { low: 4, high: 5 }, "indoor"],
  ] as const)("%s", (...[line, name, day, span, light]) => {
    const read = readOccasion(line, today);
    expect(read.name).toBe(name);
    expect(read.day).toBe(day);
    expect(read.said.span).toEqual(span);
    expect(read.said.light).toBe(light);
  });

  it("knows no day where none is named, nor a day that no month has", () => {
    expect(readOccasion("lunch with the Castellanes", today).day).toBeNull();
    expect(dayIn("lunch 31 June", today).day).toBeNull();
  });

  it.each([
    ["lunch in a week", "2026-12-04", "lunch"],
    ["lunch in 3 days", "2026-11-30", "lunch"],
    ["lunch in Three Weeks time", "2026-12-18", "lunch time"],
    ["lunch the  day after tomorrow", "2026-11-29", "lunch the"],
    ["lunch next friday", "2026-12-04", "lunch"],
    ["lunch 27 November", "2026-11-27", "lunch"],
    ["lunch 26 November", "2027-11-26", "lunch"],
    ["lunch 29 february", null, "lunch 29 february"],
    ["SEPT 3 lunch", "2027-09-03", "lunch"],
    ["lunch 3rd of Sep.", "2027-09-03", "lunch"],
    ["lunch on tues", "2026-12-01", "lunch"],
    ["lunch thurs", "2026-12-03", "lunch"],
    ["  lunch  ", null, "lunch"],
  ])("'%s' is on %s, and leaves '%s'", (line, day, rest) => {
    expect(dayIn(line, today)).toEqual({ day, hour: "", rest });
  });

  it("means the week after by next, of a day that is still to come in this one", () => {
    expect(dayIn("lunch next friday", "2026-11-23").day).toBe("2026-12-04");
    expect(dayIn("lunch friday", "2026-11-23").day).toBe("2026-11-27");
    expect(dayIn("lunch next monday", "2026-11-27").day).toBe("2026-11-30");
  });

  it.each([
    ["  - coffee ,  with the buyers.  ", "Coffee, with the buyers"],
    ["lunch at the", "Lunch at"],
    ["lunch   for", "Lunch"],
    ["picnic in on", "Picnic in"],
    ["for", "For"],
  ])("'%s' is called '%s'", (line, name) => {
    expect(readOccasion(line, today).name).toBe(name);
  });

  it("takes every rule of dress that a line's phrases bring, each once, and none where none is brought", () => {
    expect(readOccasion("church, then the funeral", today).said.flags).toEqual([
      "covered shoulders",
      "closed toe",
    ]);
    expect(readOccasion("coffee", today).said).not.toHaveProperty("flags");
  });

  it.each([
    ["ship naming, gangway", { ground: "deck" }],
    ["lunch outdoors", { light: "daylight" }],
    ["ski trip", { ground: "snow and ice" }],
    ["city break, lots of walking", { onFoot: 180 }],
  ])("says the ground, the light and the time on foot where the line does: %s", (line, said) => {
    expect(readOccasion(line, today).said).toMatchObject(said);
  });

  it("leaves the weather to the forecast, which knows more of it than a word tells", () => {
    for (const line of ["lunch on friday", "a walk in the rain", "ship naming, windy and cold"])
      expect(readOccasion(line, today).said).not.toMatchObject({ weather: expect.anything() });
  });

  it("counts weekdays ahead, never today or back", () => {
    for (const [name, day] of [
      ["saturday", "2026-11-28"],
      ["sun", "2026-11-29"],
      ["monday", "2026-11-30"],
      ["friday", "2026-12-04"],
    ])
      expect(dayIn(`lunch on ${name}`, today).day).toBe(day);
  });

  it("has a name whatever is written", () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1 }), (line) => {
        const { name, day } = readOccasion(line, today);
        expect(name.length).toBeLessThanOrEqual(120);
        if (day) expect(day).toMatch(/^\d{4}-\d{2}-\d{2}$/);
      }),
    );
  });
});
