package jawread.server.access;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface ScriptTokenRepository extends Repository<ScriptTokenRow, Long> {
    ScriptTokenRow save(ScriptTokenRow token);

    Optional<ScriptTokenRow> findById(long id);

    Optional<ScriptTokenRow> findByDigest(String digest);

    @Query("select t from ScriptTokenRow t where t.endsAt > :now order by t.madeAt desc, t.id desc")
    List<ScriptTokenRow> findAllOpen(Instant now);
}
