package jawread.server.records;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface IssuedReportRepository extends Repository<IssuedReportRow, UUID> {
    IssuedReportRow save(IssuedReportRow row);

    Optional<IssuedReportRow> findBySha256(String sha256);
}
