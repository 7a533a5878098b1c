"use client";

import { Menu, MenuItem } from "../kit/menu";
import { useDesk } from "./desk/use-desk";

/** Puts one of the client's sets on the base, in place of what is worn. */
export function SetMenu() {
  const { source, steps } = useDesk();
  if (source.sets.length === 0) return null;
  return (
    <Menu label="Put on set">
      {source.sets.map(({ id, name, pieceIds }) => (
        <MenuItem key={id} onSelect={() => steps.putOnSet(pieceIds)}>
          {`${name} (${pieceIds.length})`}
        </MenuItem>
      ))}
    </Menu>
  );
}
