package jawread.server.access;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says why a server was not opened, where a start would else end with a page of Java. */
class NoPassphraseInASentence extends AbstractFailureAnalyzer<NoPassphrase> {
    @Override
    protected FailureAnalysis analyze(Throwable rootFailure, NoPassphrase cause) {
        return new FailureAnalysis(
                cause.getMessage(),
                "Set one with ./run passphrase; or leave JAWREAD_ADDRESS away, for this machine alone.",
                rootFailure);
    }
}
