/** The ready-made bundle carries the whole library's interface, as far as lines need it. */
declare module 'plotly.js-basic-dist-min' {
  import * as library from 'plotly.js';
  export default library;
}
