/**
 * What a gauge with data output says: one line for each figure, read strictly, for a figure that was torn on its way is none.
 */
package jawread.core.signal;
