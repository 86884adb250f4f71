package jawread.server.storage;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says why a shop was not opened, where a start would else end with a page of Java. */
class NotOpenedInASentence extends AbstractFailureAnalyzer<NotOpened> {
    @Override
    protected FailureAnalysis analyze(Throwable rootFailure, NotOpened cause) {
        return new FailureAnalysis(cause.getMessage(), cause.wayOut(), rootFailure);
    }
}
