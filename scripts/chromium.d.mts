export function findChromium(): string | undefined;
export function ensureChromium(): string | undefined;
export const CHROMIUM_FLAGS: string[];
