"use client";

import { benchWords } from "@/words/bench";
import { Menu, MenuItem } from "../../kit/menu";
import { useDesk } from "../state/desk/use-desk";

/** Puts one of the client's sets on the base, in place of what is worn. */
export function SetMenu() {
  const { source, steps } = useDesk();
  if (source.sets.length === 0) return null;
  return (
    <Menu label={benchWords.putOnSet}>
      {source.sets.map(({ id, name, pieceIds, ways }) => (
        <MenuItem key={id} onSelect={() => steps.putOnSet(pieceIds, ways)}>
          {`${name} (${pieceIds.length})`}
        </MenuItem>
      ))}
    </Menu>
  );
}
