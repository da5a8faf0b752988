import { useSearchParams } from "react-router";

/** Sets or empties things in the address, in the place of what stands there; `before` may change the rest first. */
export function useKept(before: (search: URLSearchParams, name: string) => void = () => {}) {
  const [, setSearch] = useSearchParams();
  return (name: string, value: string | readonly string[]) =>
    setSearch(
      (search) => {
        const next = new URLSearchParams(search);
        before(next, name);
        next.delete(name);
        for (const one of typeof value === "string" ? [value] : value) if (one) next.append(name, one);
        return next;
      },
      { replace: true, preventScrollReset: true },
    );
}
