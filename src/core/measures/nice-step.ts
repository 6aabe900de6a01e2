/** Step by which an amount of a size is turned: about a hundredth of it, in ones, twos and fives of kitchens. @example stepFor(160) // 5 */
export const stepFor = (amount: number): number =>
  amount < 2
    ? 0.05
    : amount < 8
      ? 0.1
      : amount < 30
        ? 0.5
        : amount < 120
          ? 1
          : amount < 600
            ? 5
            : amount < 3000
              ? 10
              : 50;
