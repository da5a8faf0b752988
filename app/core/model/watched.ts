/** How far a long piece of work has come, and the way to end it. */
export interface Watched {
  signal?: AbortSignal;
  onProgress?(done: number, of: number): void;
}
