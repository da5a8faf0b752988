// Before any test module: a database and stores as a browser has them. Dexie looks for them when it is loaded.
import "fake-indexeddb/auto";

for (const name of ["localStorage", "sessionStorage"]) {
  const store = new Map<string, string>();
  Object.defineProperty(globalThis, name, {
    configurable: true,
    value: {
      getItem: (key: string) => store.get(key) ?? null,
      setItem: (key: string, value: string) => store.set(key, value),
      clear: () => store.clear(),
    },
  });
}
