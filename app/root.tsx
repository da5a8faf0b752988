import "@fontsource-variable/atkinson-hyperlegible-next";
import letters from "@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2?url";
import "@fontsource-variable/bricolage-grotesque";
import headLetters from "@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-wght-normal.woff2?url";
import "./ui/app.css";
import { StyleProvider } from "@ant-design/cssinjs";
import { Button, ConfigProvider } from "antd";
import { type ReactNode, useEffect, useState } from "react";
import { Links, Meta, Outlet, Scripts, ScrollRestoration } from "react-router";
import type { Route } from "./+types/root";
import { LADDERS_URL } from "./catalogue";
import { keepOffline } from "./offline";
import { errorText } from "./ui/Failed";
import { SHOW_SIGHT, SIGHT } from "./ui/lastSight";
import { THEME } from "./ui/theme/theme";
import { COLOURS, TOKEN_CSS } from "./ui/theme/tokens";

export function Layout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <head>
        <meta charSet="utf-8" />
        {/* Before any schema is made: programs made from text are refused by the page's security policy. */}
        <script
          // biome-ignore lint/security/noDangerouslySetInnerHtml: a fixed text of ours
          dangerouslySetInnerHTML={{ __html: "globalThis.__zod_globalConfig={jitless:true}" }}
        />
        {import.meta.env.PROD && (
          /* Begins to keep the app as soon as the page is there: whoever leaves at once has it then. */
          <script
            // biome-ignore lint/security/noDangerouslySetInnerHtml: a fixed text of ours
            dangerouslySetInnerHTML={{
              __html:
                'addEventListener("load",()=>navigator.serviceWorker?.register("/sw.js").catch(()=>{}))',
            }}
          />
        )}
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta
          name="description"
          content="Plans, prepares and records hands-on activities on a shelf at home, by age, skills and what is in the house."
        />
        <meta name="theme-color" content={COLOURS.ash} />
        <link rel="icon" href="/icon.svg" type="image/svg+xml" />
        <link rel="apple-touch-icon" href="/icon-180.png" />
        <link rel="manifest" href="/orto.webmanifest" />
        <link rel="preload" as="fetch" href={LADDERS_URL} crossOrigin="anonymous" />
        {[letters, headLetters].map((url) => (
          <link key={url} rel="preload" as="font" type="font/woff2" href={url} crossOrigin="anonymous" />
        ))}
        <Meta />
        <Links />
        {/* Our own text, with nothing in it that anybody typed. */}
        <style
          // biome-ignore lint/security/noDangerouslySetInnerHtml: quotes in a style must stay as they are
          dangerouslySetInnerHTML={{ __html: TOKEN_CSS }}
        />
      </head>
      <body>
        {children}
        <ScrollRestoration />
        <Scripts />
      </body>
    </html>
  );
}

/**
 * What stands while the first scripts come: the shelf as it was last seen here, or something to read for whoever is here for
 * the first time.
 */
export function HydrateFallback() {
  return (
    <>
      {/* Filled by the script after it, and gone when the shelf itself stands: what is tapped in it comes then. */}
      <div
        id={SIGHT}
        aria-hidden="true"
        suppressHydrationWarning
        // biome-ignore lint/security/noDangerouslySetInnerHtml: empty; React leaves alone what is put into it
        dangerouslySetInnerHTML={{ __html: "" }}
      />
      <script
        // biome-ignore lint/security/noDangerouslySetInnerHtml: a fixed text of ours
        dangerouslySetInnerHTML={{ __html: SHOW_SIGHT }}
      />
      <div className="lone-page">
        <p className="large">Orto</p>
        <p className="middling">
          Hands-on activities on a shelf at home, by age, skills and what is in the house.
        </p>
        <p className="quiet">Opening the shelf…</p>
      </div>
    </>
  );
}

/** Where a list to choose from has nothing: words instead of the library's picture. */
const nothingFits = () => <p className="quiet">Nothing fits.</p>;

/** A message that asks for nothing goes away after so long. */
const MESSAGE_MS = 6000;

/** A newer version that waits for its word, and that all of the app is kept here: the latter in passing. */
function Offline() {
  const [update, setUpdate] = useState<{ agree(): void }>();
  const [word, setWord] = useState<string>();
  useEffect(() => {
    const say = (text: string) => {
      setWord(text);
      setTimeout(() => setWord(undefined), MESSAGE_MS);
    };
    return keepOffline({
      onUpdate: (agree) => setUpdate({ agree }),
      onKept: () => say("All of Orto is on this device now. It needs no network any more."),
      onLacking: () =>
        say("There is no network, and some screens have not come yet. They come with the next network."),
    });
  }, []);
  // It takes a line of its own above the page, so that it never lies over a caution.
  return (
    <aside aria-label="Messages" className={word || update ? "notice warm" : undefined}>
      <div role="status">
        {update && (
          <Button type="primary" onClick={update.agree}>
            A newer Orto is ready. Change over now
          </Button>
        )}
        {word && !update && word}
      </div>
    </aside>
  );
}

export default function Root() {
  return (
    <StyleProvider layer>
      {/* No ring spreads from a button that was pressed: motion explains, or is not there. */}
      <ConfigProvider theme={THEME} wave={{ disabled: true }} renderEmpty={nothingFits}>
        <Offline />
        <Outlet />
      </ConfigProvider>
    </StyleProvider>
  );
}

export const meta = () => [{ title: "Orto" }];

export function ErrorBoundary({ error }: Route.ErrorBoundaryProps) {
  return (
    <main className="lone-page">
      <h1>Orto could not begin</h1>
      <p>{errorText(error)}</p>
      <p>
        <a href={globalThis.location?.href ?? "/"}>Try again</a> <a href="/">Back to the shelf</a>
      </p>
    </main>
  );
}
