package jawread.server.records;

import java.time.Clock;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.report.ReportForm;
import jawread.server.tables.CanonicalJson;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps which files left the shop as reports of a record. */
@Service
class IssuedReports {
    private final IssuedReportRepository issued;
    private final Journal journal;
    private final Clock clock;

    IssuedReports(IssuedReportRepository issued, Journal journal, Clock clock) {
        this.issued = issued;
        this.journal = journal;
        this.clock = clock;
    }

    @Transactional
    void keep(SignedRecord record, ReportForm form, byte[] file) {
        String digest = CanonicalJson.digest(file);
        if (issued.findBySha256(digest).isEmpty()) {
            issued.save(new IssuedReportRow(record.id(), form.code(), digest, clock.instant()));
            journal.besides(What.RECORD);
        }
    }
}
