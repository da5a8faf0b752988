/** What an address takes along to the next activities page: the child, and how far is looked ahead. */
export function carriedFrom(search: URLSearchParams, child: string): URLSearchParams {
  const carried = new URLSearchParams({ child });
  const ahead = search.get("ahead");
  if (ahead) carried.set("ahead", ahead);
  return carried;
}
