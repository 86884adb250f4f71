/** Gauges that speak: the port they send figures to, the tray a figure lies in until it is a reading, and which screen listens to which. */
package jawread.server.signal;
