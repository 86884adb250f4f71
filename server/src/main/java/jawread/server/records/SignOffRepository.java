package jawread.server.records;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface SignOffRepository extends Repository<SignOffRow, UUID> {
    SignOffRow save(SignOffRow row);

    Optional<SignOffRow> findById(UUID id);

    Optional<SignOffRow> findBySha256(String sha256);

    List<SignOffRow> findAllByRecordIdOrderByNumber(UUID recordId);

    /** Of the whole shop. */
    List<SignOffRow> findAllByOrderBySignedAt();

    /** That no other follows; none in a shop where nobody has signed. */
    @Query("select last from SignOffRow last"
            + " where not exists (select next from SignOffRow next where next.follows = last.sha256)")
    List<SignOffRow> findLast();
}
