/** An id that nobody else has; also where the page is not served in safety, and has no better one. */
export const newId = () =>
  Array.from(crypto.getRandomValues(new Uint32Array(4)), (part) => part.toString(36)).join('-');
