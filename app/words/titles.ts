/** The title of a screen, for the tab, the history and whoever listens to the page. */
export const titled = (screen: string) => [{ title: `${screen} · Orto` }];
