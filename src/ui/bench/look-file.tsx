"use client";

import { DropdownMenu } from "radix-ui";
import { useRef } from "react";
import { toast } from "sonner";
import type { Look } from "@/core/piece/look";
import type { BenchSource } from "@/core/studio/bench-source";
import { fromLook } from "./from-look";
import { saveSvg } from "./save-svg";

interface LookFileProps {
  readonly look: Look;
  readonly onOpen: (source: BenchSource) => void;
  readonly onLevers: () => void;
  readonly onShortcuts: () => void;
}

const item = "cursor-pointer px-3 py-2 data-[highlighted]:bg-well";

/** Writes the look to a file, or lays one from a file on the bench. */
export function LookFile({ look, onOpen, onLevers, onShortcuts }: LookFileProps) {
  const input = useRef<HTMLInputElement>(null);

  const fileStem = look.client.name.toLowerCase().replace(/[^a-z0-9]+/g, "-");

  const draw = () => {
    const drawing = document.querySelector<SVGSVGElement>('[aria-label="Figure"] svg');
    if (!drawing) return;
    saveSvg(drawing, `${fileStem}.svg`);
    toast("The drawing is written to a file, to scale.");
  };

  const write = async () => {
    const { serialiseLook } = await import("@/core/formats/look-file");
    const url = URL.createObjectURL(new Blob([serialiseLook(look)], { type: "application/json" }));
    const link = document.createElement("a");
    link.href = url;
    link.download = `${fileStem}.look.json`;
    link.click();
    URL.revokeObjectURL(url);
    toast("The look is written to a file.");
  };

  const open = async (file: File) => {
    const { parseLook } = await import("@/core/formats/look-file");
    try {
      onOpen(fromLook(parseLook(await file.text())));
      toast(`${file.name} is on the bench. It is read here, and not kept in the studio.`);
    } catch (error) {
      toast(
        `${file.name} was not opened: ${error instanceof Error ? error.message : "it cannot be read"}. The bench is as it was.`,
        {
          duration: 12_000,
        },
      );
    }
  };

  return (
    <>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger className="h-9 border border-rule-strong bg-paper px-3 font-medium hover:bg-well">
          More
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            align="end"
            sideOffset={4}
            className="z-30 min-w-52 border border-rule-strong bg-paper py-1 shadow-md"
          >
            <DropdownMenu.Item className={item} onSelect={onLevers}>
              A step up, a step down
            </DropdownMenu.Item>
            <DropdownMenu.Item className={item} onSelect={() => void write()}>
              Write look to a file
            </DropdownMenu.Item>
            <DropdownMenu.Item className={item} onSelect={draw}>
              Write drawing to a file
            </DropdownMenu.Item>
            <DropdownMenu.Item className={item} onSelect={() => input.current?.click()}>
              Open a look file
            </DropdownMenu.Item>
            <DropdownMenu.Item className={item} onSelect={onShortcuts}>
              Keys of the bench
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Look file"
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void open(file);
          event.target.value = "";
        }}
      />
    </>
  );
}
