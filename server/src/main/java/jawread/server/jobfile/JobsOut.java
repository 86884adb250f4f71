package jawread.server.jobfile;

import java.io.OutputStream;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import jawread.server.job.JobArrival;
import jawread.server.job.JobArrivals;
import jawread.server.records.SignedInFile;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.tables.ShopTables;
import jawread.server.tables.Snapshot;
import org.springframework.stereotype.Component;

/** Writes jobs as files. */
@Component
class JobsOut {
    private final DataSource shop;
    private final JobArrivals arrivals;
    private final ShopSettings settings;
    private final SignedInFile signed;
    private final ShopTables tables;

    JobsOut(DataSource shop, JobArrivals arrivals, ShopSettings settings, SignedInFile signed, ShopTables tables) {
        this.shop = shop;
        this.arrivals = arrivals;
        this.settings = settings;
        this.signed = signed;
        this.tables = tables;
    }

    /** Writes a job as it is at this moment; nobody who measures waits for it. */
    void write(long job, OutputStream to) throws SQLException {
        String home = home(job);
        List<Map<String, Object>> records = signed.of(job, settings.of(Setting.SHOP_NAME));
        try (var connection = shop.getConnection();
                var then = Snapshot.of(connection)) {
            JobFileWriter.write(JobRows.of(then.connection(), tables.of(then.connection()), job), home, records, to);
        }
    }

    /** Where a job was measured: the shop whose file it came in with first, or this one. */
    private String home(long job) {
        return arrivals.of(job).stream()
                .map(JobArrival::home)
                .findFirst()
                .orElseGet(() -> settings.of(Setting.SHOP_NAME));
    }
}
