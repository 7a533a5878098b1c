"use client";

import { useRouter } from "next/navigation";
import { useRef } from "react";
import { keyOfAction } from "@/core/studio/shortcuts";
import { benchWords } from "@/words/bench";
import { papersWords } from "@/words/papers";
import { Menu, MenuItem } from "../../kit/menu";
import { useShortcuts } from "../../kit/shortcuts";
import { paperAddress } from "../../papers/state/paper-address";
import { benchActions } from "../state/desk/actions";
import { useBenchState, useDesk } from "../state/desk/use-desk";
import { sayKey } from "./shortcuts";
import { useLookFiles } from "../state/use-look-files";

/** What else can be done at the bench; writes the look to a file, or lays one from a file on the bench. */
export function LookMenu() {
  const desk = useDesk();
  const { shortcuts } = useShortcuts();
  const input = useRef<HTMLInputElement>(null);
  const { source } = desk;
  const lookId = useBenchState((state) => state.look.id);
  const router = useRouter();
  const files = useLookFiles();
  return (
    <>
      <Menu label={benchWords.more}>
        {benchActions
          .filter(({ inMenu }) => inMenu)
          .map((action) => (
            <MenuItem
              key={action.id}
              onSelect={() => action.does(desk)}
              keys={sayKey(keyOfAction(action, shortcuts))}
            >
              {action.words}
            </MenuItem>
          ))}
        <MenuItem onSelect={() => void files.write()}>{benchWords.saveTheLookAsA}</MenuItem>
        <MenuItem onSelect={files.draw}>{benchWords.saveTheDrawingSvg}</MenuItem>
        <MenuItem onSelect={() => void files.picture()}>{benchWords.saveAPicturePng}</MenuItem>
        <MenuItem onSelect={() => void files.forAPhone()}>{papersWords.saveForAPhone}</MenuItem>
        <MenuItem onSelect={() => window.print()}>{benchWords.printACard}</MenuItem>
        {source.kept && (
          <MenuItem
            onSelect={() =>
              router.push(
                paperAddress({
                  clientId: source.client.id,
                  kind: "look-cards",
                  sheet: "a5",
                  looks: [lookId],
                }).seen,
              )
            }
          >
            {papersWords.handThisLookOver}
          </MenuItem>
        )}
        <MenuItem onSelect={() => input.current?.click()}>{benchWords.openALookFile}</MenuItem>
      </Menu>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label={benchWords.lookFile}
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void files.open(file);
          event.target.value = "";
        }}
      />
    </>
  );
}
