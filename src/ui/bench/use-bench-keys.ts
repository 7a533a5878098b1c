"use client";

import { useHotkeys } from "react-hotkeys-hook";

/** What the keys of the bench do. */
export interface BenchKeys {
  station(by: 1 | -1): void;
  candidate(by: 1 | -1): void;
  put(): void;
  takeOff(): void;
  turn(): void;
  hosiery(): void;
  edit(): void;
  sets(): void;
  levers(): void;
  keep(): void;
  verdict(place: 0 | 1 | 2): void;
  undo(): void;
  help(): void;
}

/** Binds the keys of the bench, except while a dialog, a menu or a field has them. */
export function useBenchKeys(keys: BenchKeys, enabled: boolean): void {
  const options = { enabled, preventDefault: true };
  useHotkeys("up", () => keys.station(-1), options);
  useHotkeys("down", () => keys.station(1), options);
  useHotkeys("left", () => keys.candidate(-1), options);
  useHotkeys("right", () => keys.candidate(1), options);
  useHotkeys("enter", () => keys.put(), { ...options, ignoreEventWhen: onControl });
  useHotkeys("backspace", () => keys.takeOff(), options);
  useHotkeys("t", () => keys.turn(), options);
  useHotkeys("h", () => keys.hosiery(), options);
  useHotkeys("e", () => keys.edit(), options);
  useHotkeys("w", () => keys.sets(), options);
  useHotkeys("l", () => keys.levers(), options);
  useHotkeys("s", () => keys.keep(), options);
  useHotkeys("1", () => keys.verdict(0), options);
  useHotkeys("2", () => keys.verdict(1), options);
  useHotkeys("3", () => keys.verdict(2), options);
  useHotkeys("z", () => keys.undo(), options);
  useHotkeys("shift+slash, ?", () => keys.help(), { ...options, useKey: true });
}

/** Enter on a button or a link is that button's. */
function onControl(event: KeyboardEvent): boolean {
  return event.target instanceof Element && event.target.closest("button, a, summary") !== null;
}
