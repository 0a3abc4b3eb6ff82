/** A row's number in an address: anything else is "not here" before it reaches the database. */
export const match = (text: string): boolean => /^[1-9]\d{0,8}$/.test(text);
