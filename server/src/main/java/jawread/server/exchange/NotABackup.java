package jawread.server.exchange;

/** What is wrong with a file, a folder or a shop, in a sentence that says what would be right. */
final class NotABackup extends RuntimeException {
    NotABackup(String sentence) {
        super(sentence);
    }

    NotABackup(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
