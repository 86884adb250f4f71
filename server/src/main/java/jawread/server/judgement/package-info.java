/**
 * Judgement: what the readings come to. Everything here is derived anew from what was read; nothing of it is stored.
 *
 * <p>The sheet of a feature is what the one who measures looks at. Every act at the bench (a reading, a strike, a cut)
 * answers with the sheet as it stands after it, so that one round trip shows the verdict.
 */
package jawread.server.judgement;
