package jawread.server.drawer;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface StudyRepository extends Repository<PeopleStudyKept, UUID> {
    PeopleStudyKept save(PeopleStudyKept kept);

    Optional<PeopleStudyKept> findById(UUID id);

    List<PeopleStudyKept> findAllByGaugeIdOrderByAt(long gauge);
}
