import { useAddressChange } from "./useAddressChange";

/** Sets or empties things in the address, in the place of what stands there; `before` may change the rest first. */
export function useSearchParamSetter(before: (search: URLSearchParams, name: string) => void = () => {}) {
  const changeAddress = useAddressChange();
  return (name: string, value: string | readonly string[]) =>
    changeAddress(
      (search) => {
        before(search, name);
        search.delete(name);
        for (const one of typeof value === "string" ? [value] : value) if (one) search.append(name, one);
      },
      { preventScrollReset: true },
    );
}
