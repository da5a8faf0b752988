import regularUrl from "@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf?url";
import boldUrl from "@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf?url";
import { expose } from "comlink";
import type { Drawing } from "../core/draw";
import { pdfOf } from "../core/print/pdf";

const bytesOf = async (url: string): Promise<Uint8Array> => {
  const answer = await fetch(url);
  if (!answer.ok)
    throw new Error("The letters for printing could not be read. Load the page once while online.");
  return new Uint8Array(await answer.arrayBuffer());
};

/** Pages as one PDF, its letters embedded; tells after each page how far it is. */
async function made(
  pages: readonly Drawing[],
  title: string,
  onPage: (done: number, of: number) => void,
): Promise<Uint8Array<ArrayBuffer>> {
  const [regular, bold] = await Promise.all([bytesOf(regularUrl), bytesOf(boldUrl)]);
  return pdfOf(pages, { regular, bold }, title, onPage);
}

const service = { made };
export type PdfService = typeof service;
expose(service);
