/** Cents as a price without a currency, which the household knows: 3.20. */
export const centsText = (cents: number): string => (Math.round(cents) / 100).toFixed(2);
