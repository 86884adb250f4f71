/** Readings out of somebody's table: columns told apart, each row understood and shown, and only then kept. */
package jawread.server.intake;
