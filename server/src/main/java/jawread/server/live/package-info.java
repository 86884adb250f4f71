/**
 * What just happened, told to every open screen.
 *
 * <p>A change writes a line into the journal in its own transaction. Once that is committed and on the disk the line goes
 * out as an event that says only which job, its number in the job, and what kind of thing; screens ask again for what
 * changed. A screen that was away names the last line it saw and is told the rest.
 */
package jawread.server.live;
