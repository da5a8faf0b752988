/**
 * Milliseconds of the processor that this process has had so far. For tests of how long something takes: what another process
 * takes meanwhile, on a busy machine, does not count.
 */
export function processorMs(): number {
  const { user, system } = process.cpuUsage();
  return (user + system) / 1000;
}
