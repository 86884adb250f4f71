package jawread.server.intake;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface TableArrivalRepository extends Repository<TableArrivalRow, UUID> {
    TableArrivalRow save(TableArrivalRow row);

    Optional<TableArrivalRow> findFirstBySha256AndJobIdOrderByMadeAtDesc(String sha256, long jobId);
}
