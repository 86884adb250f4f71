/** The demonstration shop: everybody and everything in it is made up, the same at every start, and says so. */
package jawread.server.demo;
