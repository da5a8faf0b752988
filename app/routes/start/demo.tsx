import { href, redirect } from "react-router";
import { openDemo } from "../../engine/commands/demo";
import { storageReady } from "../../engine/store/storage";

/** Opens the demo household, as it was left in this browser, and goes to its shelf. */
export async function clientLoader() {
  await storageReady();
  await openDemo();
  throw redirect(href("/"));
}

export default function Demo() {
  return null;
}

export { StorageFailed as ErrorBoundary } from "../StorageFailed";
