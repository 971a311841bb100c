import type { Silhouette } from '@uisce/core/catalogue';

/** Proportions of an outline, as fractions of a bottle's width (across) and height (down). */
interface Profile {
  /** Width of the neck. */
  neck: number;
  /** Where the neck ends and the shoulder begins. */
  neckEnd: number;
  /** Where the shoulder meets the side. */
  shoulderEnd: number;
  /** 0 is a straight slope, 1 a full round shoulder. */
  roundness: number;
  /** Height of the cap. */
  cap: number;
  /** How much the foot is drawn in. */
  taper: number;
}

const PROFILES: Record<Exclude<Silhouette, 'can' | 'jar'>, Profile> = {
  tall: { neck: 0.38, neckEnd: 0.27, shoulderEnd: 0.4, roundness: 0.55, cap: 0.07, taper: 0 },
  square: { neck: 0.36, neckEnd: 0.19, shoulderEnd: 0.25, roundness: 0.95, cap: 0.08, taper: 0 },
  'round-shouldered': { neck: 0.36, neckEnd: 0.24, shoulderEnd: 0.42, roundness: 0.8, cap: 0.08, taper: 0 },
  squat: { neck: 0.3, neckEnd: 0.28, shoulderEnd: 0.5, roundness: 0.9, cap: 0.09, taper: 0.02 },
  flask: { neck: 0.28, neckEnd: 0.22, shoulderEnd: 0.38, roundness: 0.6, cap: 0.08, taper: 0.08 },
  dasher: { neck: 0.4, neckEnd: 0.24, shoulderEnd: 0.34, roundness: 0.7, cap: 0.12, taper: 0 },
};

/** Paths and places of one drawn bottle, in px, with its top left corner at 0,0. */
export interface Outline {
  body: string;
  cap: string;
  label: { x: number; y: number; width: number; height: number };
  /** Where the liquid of a full one ends, from the top. */
  fullAt: number;
}

const n = (value: number) => value.toFixed(1);

function bottle(p: Profile, w: number, h: number): Outline {
  const capEnd = p.cap * h;
  const left = (w * (1 - p.neck)) / 2;
  const right = w - left;
  const neckEnd = p.neckEnd * h;
  const shoulder = p.shoulderEnd * h;
  const drop = shoulder - neckEnd;
  const foot = p.taper * w;
  const r = Math.min(4, w * 0.08);
  const body = [
    `M${n(left)},${n(capEnd)}`,
    `L${n(left)},${n(neckEnd)}`,
    `C${n(left)},${n(neckEnd + drop * 0.55)} 0,${n(shoulder - drop * p.roundness)} 0,${n(shoulder)}`,
    `L${n(foot)},${n(h - r)}`,
    `Q${n(foot)},${n(h)} ${n(foot + r)},${n(h)}`,
    `L${n(w - foot - r)},${n(h)}`,
    `Q${n(w - foot)},${n(h)} ${n(w - foot)},${n(h - r)}`,
    `L${n(w)},${n(shoulder)}`,
    `C${n(w)},${n(shoulder - drop * p.roundness)} ${n(right)},${n(neckEnd + drop * 0.55)} ${n(right)},${n(neckEnd)}`,
    `L${n(right)},${n(capEnd)}Z`,
  ].join('');
  const cap = `M${n(left - 1)},0H${n(right + 1)}V${n(capEnd)}H${n(left - 1)}Z`;
  const top = shoulder + (h - shoulder) * 0.26;
  return {
    body,
    cap,
    label: { x: foot * 0.6, y: top, width: w - foot * 1.2, height: Math.max(20, (h - shoulder) * 0.36) },
    fullAt: (neckEnd + shoulder) / 2,
  };
}

function jar(w: number, h: number): Outline {
  const lid = h * 0.14;
  const r = w * 0.14;
  return {
    body: `M${n(r)},${n(lid)}Q0,${n(lid)} 0,${n(lid + r)}V${n(h - 4)}Q0,${n(h)} 4,${n(h)}H${n(w - 4)}Q${n(w)},${n(h)} ${n(w)},${n(h - 4)}V${n(lid + r)}Q${n(w)},${n(lid)} ${n(w - r)},${n(lid)}Z`,
    cap: `M${n(w * 0.1)},0H${n(w * 0.9)}V${n(lid)}H${n(w * 0.1)}Z`,
    label: { x: 0, y: h * 0.4, width: w, height: Math.max(20, h * 0.34) },
    fullAt: lid + r / 2,
  };
}

/** A pack of cans stands as two beside each other. */
function cans(w: number, h: number): Outline {
  const half = w / 2 - 1;
  const one = (x: number) =>
    `M${n(x + 3)},${n(h * 0.06)}H${n(x + half - 3)}L${n(x + half)},${n(h * 0.14)}V${n(h * 0.94)}L${n(x + half - 3)},${n(h)}H${n(x + 3)}L${n(x)},${n(h * 0.94)}V${n(h * 0.14)}Z`;
  const rim = (x: number) => `M${n(x + 3)},0H${n(x + half - 3)}V${n(h * 0.06)}H${n(x + 3)}Z`;
  return {
    body: one(0) + one(half + 2),
    cap: rim(0) + rim(half + 2),
    label: { x: w * 0.18, y: h * 0.36, width: w * 0.64, height: Math.max(20, h * 0.34) },
    fullAt: h * 0.06,
  };
}

/** Our own outlines, drawn from nothing but a family name and real dimensions. */
export function outline(silhouette: Silhouette, widthPx: number, heightPx: number): Outline {
  if (silhouette === 'can') return cans(widthPx, heightPx);
  if (silhouette === 'jar') return jar(widthPx, heightPx);
  return bottle(PROFILES[silhouette], widthPx, heightPx);
}
