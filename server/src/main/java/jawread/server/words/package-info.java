/**
 * Words: every sentence that carries a figure, a verdict or a refusal, made in one place for screen, speech and paper.
 *
 * <p>{@code core} answers with codes and exact values; the sentences are in {@code words.properties}, the decimal mark is
 * set once, and a refusal becomes an RFC 9457 problem here.
 */
package jawread.server.words;
