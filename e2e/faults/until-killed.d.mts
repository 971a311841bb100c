export function writeUntilKilled(
  file: string,
  least: number,
  options?: { synchronous?: string; environment?: Record<string, string> },
): Promise<string[]>;
export function powerCutLibrary(folder: string): string | undefined;
export function writeUntilPowerCut(
  folder: string,
  library: string,
  least: number,
  synchronous?: string,
): Promise<{ acknowledged: string[]; disk: string }>;
