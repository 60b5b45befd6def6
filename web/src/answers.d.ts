/** A digest of the description of all answers, put in by the build. */
declare const __ANSWERS__: string;
