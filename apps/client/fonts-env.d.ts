/** A font that ships with the app, by the number that the bundler gives it. */
declare module '*.ttf' {
  const font: number;
  export default font;
}
