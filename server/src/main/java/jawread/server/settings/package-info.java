/**
 * Settings: how this shop works. Each has a starting value, which is visibly one until somebody changes it; some are also a
 * job's own, taken from the shop's when the job is opened and changeable there.
 */
package jawread.server.settings;
