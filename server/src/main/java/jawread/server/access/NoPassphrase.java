package jawread.server.access;

/** A server that other machines could reach, and a shop without a passphrase: it is not opened. */
final class NoPassphrase extends RuntimeException {
    NoPassphrase(String address) {
        super("Jaw Read was to be opened on " + address
                + ", where other machines reach it, and this shop has no passphrase. It was not opened.");
    }
}
