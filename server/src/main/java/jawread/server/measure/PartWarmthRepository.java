package jawread.server.measure;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PartWarmthRepository extends Repository<PartWarmthRow, UUID> {
    PartWarmthRow save(PartWarmthRow kept);

    Optional<PartWarmthRow> findById(UUID id);

    /** The last; asked with each reading, so that its plan is made once. */
    @Query("select w from PartWarmthRow w where w.partId = :part order by w.at desc limit 1")
    Optional<PartWarmthRow> findLast(long part);
}
