package jawread.server.measure;

import java.util.List;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface CountsAgainRepository extends Repository<CountsAgainRow, Long> {
    @Query(
            "select row from CountsAgainRow row where row.partId = :part and row.toldAt is null order by row.planRevisionId")
    List<CountsAgainRow> findAllUntold(long part);
}
