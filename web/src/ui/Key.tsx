/** A key's cap, as it stands on the keyboard. */
export function Key({ children }: { children: string }) {
  return (
    <kbd className="inline-block min-w-8 rounded-edge border-2 border-line bg-paper px-2 text-ink text-center font-sans text-label font-semibold">
      {children}
    </kbd>
  );
}
