package jawread.server.access;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.repository.Repository;

interface SignerPassphraseRepository extends Repository<SignerPassphraseRow, UUID> {
    SignerPassphraseRow save(SignerPassphraseRow row);

    Optional<SignerPassphraseRow> findFirstByPersonOrderBySetAtDesc(long person);

    List<SignerPassphraseRow> findAllByOrderBySetAt();
}
