/** The part of an address that goes along to the next activities page: the child, and the months looked ahead. */
export function carriedFrom(search: URLSearchParams, child: string): URLSearchParams {
  const carried = new URLSearchParams({ child });
  const ahead = search.get("ahead");
  if (ahead) carried.set("ahead", ahead);
  return carried;
}
