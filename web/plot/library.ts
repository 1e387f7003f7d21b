type Library = (typeof import('plotly.js-basic-dist-min'))['default'];

let loading: Promise<Library> | null = null;

/**
 * The drawing library; asked for early, it is there by the time the first figures are. What is there
 * is kept at hand: an import of its own would let a frame pass before each picture.
 */
export function loadLibrary(): Promise<Library> {
  loading ??= import('plotly.js-basic-dist-min').then(
    ({ default: library }) => library,
    (error: unknown) => {
      // The next picture tries again.
      loading = null;
      throw error;
    },
  );
  return loading;
}
