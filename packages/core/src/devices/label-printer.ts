/** A strip of tape, as printed. */
export interface PrintedTape {
  lines: string[];
  lengthMm: number;
}

/** A label printer, real or simulated. */
interface LabelPrinter {
  /** @throws Error when there is not enough tape left. */
  print(lines: readonly string[]): PrintedTape;
  readonly tapeLeftMm: number;
}

const MM_A_LETTER = 2.2;
const MARGIN_MM = 8;

/** A simulated tape printer: it knows how much tape is left, and keeps what it printed. */
export class SimulatedLabelPrinter implements LabelPrinter {
  readonly printed: PrintedTape[] = [];

  constructor(private left = 4000) {}

  get tapeLeftMm(): number {
    return this.left;
  }

  print(lines: readonly string[]): PrintedTape {
    const longest = Math.max(0, ...lines.map((l) => l.length));
    const lengthMm = Math.ceil(longest * MM_A_LETTER + 2 * MARGIN_MM);
    if (lengthMm > this.left)
      throw new Error(
        `the label takes ${lengthMm} mm and ${this.left} mm of tape are left: put in a new roll`,
      );
    this.left -= lengthMm;
    const tape = { lines: [...lines], lengthMm };
    this.printed.push(tape);
    return tape;
  }
}
