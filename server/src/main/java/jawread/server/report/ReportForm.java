package jawread.server.report;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What of a job is put on paper. */
public enum ReportForm {
    /** All that was read, and what it rests on. */
    FULL,
    /** One page for the customer. */
    ONE_PAGE,
    /** Empty boxes, to be filled by hand where no screen goes. */
    BLANK;

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<ReportForm> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }
}
