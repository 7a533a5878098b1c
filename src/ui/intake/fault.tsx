/** One sentence on why something was not taken; nothing where it was. */
export function Fault({ say }: { readonly say: string | null }) {
  return (
    say && (
      <p role="alert" className="text-thread">
        {say}
      </p>
    )
  );
}
