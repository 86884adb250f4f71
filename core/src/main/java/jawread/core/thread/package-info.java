/**
 * Screw threads as they are tapped: what a thread's designation says, the drill for it, and the drills there are.
 *
 * <p>The hole under a tap leaves some part of the thread's height: all of it is 0.6495 of the pitch on each side, three quarters
 * of that is usual ({@link jawread.core.thread.TappingDrill}). Which drill lies near, above and below, and how much height each
 * leaves, is asked of {@link jawread.core.thread.Drill} and {@link jawread.core.thread.ScrewThread}.
 */
package jawread.core.thread;
