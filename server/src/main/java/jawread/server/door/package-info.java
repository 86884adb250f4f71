/**
 * What stands between the network and the shop: a body that is too large or too slow is not read, and one that is read is looked at
 * whole, in one place, before anybody works with it. What a field means is not known here, only what no field may ever be.
 */
package jawread.server.door;
