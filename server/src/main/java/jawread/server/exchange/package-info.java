/** The shop as one file, there and back, and whether what is kept is what was kept. */
package jawread.server.exchange;
