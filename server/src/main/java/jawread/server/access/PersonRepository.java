package jawread.server.access;

import java.util.List;
import java.util.Optional;
import org.springframework.data.repository.Repository;

interface PersonRepository extends Repository<Person, Long> {
    Person save(Person person);

    Optional<Person> findById(long id);

    boolean existsByNameIgnoreCase(String name);

    List<Person> findAllByOrderById();
}
