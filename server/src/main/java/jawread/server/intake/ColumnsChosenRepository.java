package jawread.server.intake;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface ColumnsChosenRepository extends Repository<ColumnsChosenRow, UUID> {
    ColumnsChosenRow save(ColumnsChosenRow row);

    Optional<ColumnsChosenRow> findFirstByHeadOrderByMadeAtDesc(String head);
}
