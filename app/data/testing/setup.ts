// Before any test module: a database and a store as a browser has them. Dexie looks for them when it is loaded.
import "fake-indexeddb/auto";

const store = new Map<string, string>();

Object.defineProperty(globalThis, "localStorage", {
  configurable: true,
  value: {
    getItem: (key: string) => store.get(key) ?? null,
    setItem: (key: string, value: string) => store.set(key, value),
    clear: () => store.clear(),
  },
});
