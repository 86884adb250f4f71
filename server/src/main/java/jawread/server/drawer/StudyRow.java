package jawread.server.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** A study of two or three people as kept. */
@Entity
@Immutable
@Table(name = "study")
class StudyRow extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private String name;

    @Column(name = "gauge_id", nullable = false)
    private long gaugeId;

    @Column(nullable = false)
    private long tolerancePm;

    @Column(nullable = false)
    private String people;

    @Column(nullable = false)
    private String readingsPm;

    @Column(name = "person_id", nullable = false)
    private long person;

    @Column(nullable = false)
    private Instant at;

    protected StudyRow() {}

    /** @param readings by part, then by person in the order of {@code people}, then by repeat */
    StudyRow(
            UUID id,
            String name,
            Gauge gauge,
            Length tolerance,
            List<String> people,
            List<List<List<Length>>> readings,
            Person person,
            Instant at) {
        this.id = id;
        this.name = name;
        this.gaugeId = gauge.id();
        this.tolerancePm = tolerance.picometres();
        this.people = String.join(";", people);
        this.readingsPm = readings.stream()
                .map(part -> part.stream()
                        .map(cell -> cell.stream()
                                .map(each -> Long.toString(each.picometres()))
                                .collect(Collectors.joining(";")))
                        .collect(Collectors.joining("/")))
                .collect(Collectors.joining("|"));
        this.person = person.id();
        this.at = at;
    }

    @Override
    public UUID getId() {
        return id;
    }

    PeopleStudyKept study() {
        return new PeopleStudyKept(
                id,
                name,
                gaugeId,
                Length.ofPicometres(tolerancePm),
                List.of(people.split(";")),
                Arrays.stream(readingsPm.split("\\|"))
                        .map(part -> Arrays.stream(part.split("/"))
                                .map(cell -> Arrays.stream(cell.split(";"))
                                        .map(pm -> Length.ofPicometres(Long.parseLong(pm)))
                                        .toList())
                                .toList())
                        .toList(),
                person,
                at);
    }
}
