/**
 * The packaged application, started as a user starts it, and headless Chromium to look at it with. Used by the browser
 * tests, by the benchmarks, and for the pictures in the documents.
 */
package jawread.browser;
