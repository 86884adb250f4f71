package jawread.server.access;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.Repository;

interface PersonRepository extends Repository<PersonRow, Long> {
    PersonRow save(PersonRow person);

    Optional<PersonRow> findById(long id);

    boolean existsByNameIgnoreCase(String name);

    List<PersonRow> findAllByOrderById();
}
