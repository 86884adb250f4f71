package jawread.server.measure;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface PartWarmthRepository extends Repository<PartWarmth, UUID> {
    PartWarmth save(PartWarmth kept);

    Optional<PartWarmth> findById(UUID id);

    /** The last; asked with each reading, so that its plan is made once. */
    @Query("select w from PartWarmth w where w.part.id = :part order by w.at desc limit 1")
    Optional<PartWarmth> findLast(long part);
}
