/** A line of the left hand as it is written. */
const LINE = /^\s*l:/;

export const hasLeftHand = (chart: string) => chart.split('\n').some((line) => LINE.test(line));

/** The chart without its written left hand. */
export const withoutLeftHand = (chart: string) =>
  chart
    .split('\n')
    .filter((line) => !LINE.test(line))
    .join('\n');
