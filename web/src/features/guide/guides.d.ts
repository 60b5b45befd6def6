declare module '*.md' {
  /** A guide as HTML. */
  const html: string;
  export default html;
}
