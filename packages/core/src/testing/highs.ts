import loadHighs, { type Highs } from 'highs';

let loading: Promise<Highs> | undefined;

/** One HiGHS instance for all tests of a file. */
export function highsForTests(): Promise<Highs> {
  loading ??= loadHighs();
  return loading;
}
