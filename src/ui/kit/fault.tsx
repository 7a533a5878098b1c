/** One sentence on why something was not taken; nothing where it was. */
export function Fault({ say, id }: { readonly say: string | null; readonly id?: string }) {
  return (
    say && (
      <p id={id} role="alert" className="text-thread">
        {say}
      </p>
    )
  );
}
