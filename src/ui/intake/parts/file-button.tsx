"use client";

interface FileButtonProps {
  readonly say: string;
  /** Opens the camera where there is one. */
  readonly camera?: boolean;
  readonly onFile: (file: File) => Promise<void>;
}

/** Chooses a picture, or takes one by the camera. */
export function FileButton({ say, camera = false, onFile }: FileButtonProps) {
  return (
    <label className="inline-flex h-9 cursor-pointer items-center rounded-[2px] border border-rule-strong bg-paper px-3.5 font-medium hover:bg-well has-focus-visible:outline-2 touch:min-h-11">
      {say}
      <input
        type="file"
        accept="image/jpeg,image/png,image/webp"
        {...(camera ? { capture: "environment" as const } : {})}
        className="sr-only"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void onFile(file);
          event.target.value = "";
        }}
      />
    </label>
  );
}
