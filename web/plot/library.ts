/** The drawing library; asked for early, it is there by the time the first figures are. */
export const loadLibrary = () =>
  import('plotly.js-basic-dist-min').then(({ default: library }) => library);
