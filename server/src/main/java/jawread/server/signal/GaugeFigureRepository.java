package jawread.server.signal;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface GaugeFigureRepository extends Repository<GaugeFigureRow, UUID> {
    GaugeFigureRow save(GaugeFigureRow row);

    Optional<GaugeFigureRow> findById(UUID id);

    @Query("select row from GaugeFigureRow row where row.gaugeId = :gauge and row.cameAt > :since order by row.cameAt")
    List<GaugeFigureRow> findLater(long gauge, Instant since);

    /** Those that nobody has taken for a reading, or set aside; the last that came first. */
    @Query(
            nativeQuery = true,
            value = "select figure.* from gauge_figure figure"
                    + " where not exists (select 1 from reading where reading.id = figure.id)"
                    + " and not exists (select 1 from gauge_figure_aside aside where aside.figure_id = figure.id)"
                    + " order by figure.came_at desc fetch first 200 rows only")
    List<GaugeFigureRow> findWaiting();
}
