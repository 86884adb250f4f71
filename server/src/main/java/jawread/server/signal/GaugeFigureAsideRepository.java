package jawread.server.signal;

import java.util.UUID;
import org.springframework.data.repository.Repository;

interface GaugeFigureAsideRepository extends Repository<GaugeFigureAsideRow, UUID> {
    GaugeFigureAsideRow save(GaugeFigureAsideRow row);

    boolean existsByFigureId(UUID figure);
}
