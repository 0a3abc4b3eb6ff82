/** Whether the page has come alive: until then what is in a field was put there by the server, or by a quick hand. */
export const alive = { yes: false };
