import { describe, expect, it } from "vitest";
import { firstLines } from "@/words/first-visit";
import { cookieOfTold, introducedAt, toldIn, type IntroducedPlace } from "./first-lines";

describe("a place that introduces itself", () => {
  it.each([
    ["/", "today"],
    ["/clients", "clients"],
    ["/clients/7", "client"],
    ["/clients/new", null],
    ["/clients/7/journal", null],
    ["/rail", "rail"],
    ["/rail/new", null],
    ["/bench", "bench"],
    ["/sets", "sets"],
    ["/boards", "boards"],
    ["/boards/gaps", "boards"],
    ["/members", null],
  ])("is known by its address %s", (path, place) => {
    expect(introducedAt(path)).toBe(place);
  });

  it("is remembered once, and nothing else is", () => {
    const places = Object.keys(firstLines) as IntroducedPlace[];
    expect(toldIn(cookieOfTold([...places, ...places]))).toEqual(places);
    expect(toldIn("rail.somewhere.constructor")).toEqual(["rail"]);
    expect(toldIn(undefined)).toEqual([]);
  });
});
