package jawread.server.drawer;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.judge.PeopleStudy;
import jawread.core.length.Length;
import jawread.server.access.Person;
import jawread.server.live.Kept;
import org.hibernate.annotations.Immutable;

/** The same parts read by several people with one gauge; what it comes to is derived. */
@Entity
@Immutable
@Table(name = "study")
public class PeopleStudyKept extends Kept {
    @Id
    private UUID id;

    @Column(nullable = false)
    private String name;

    @ManyToOne(optional = false, fetch = FetchType.LAZY)
    private Gauge gauge;

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

    protected PeopleStudyKept() {}

    /** @param readings by part, then by person in the order of {@code people}, then by repeat */
    PeopleStudyKept(
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
        this.gauge = gauge;
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

    public String name() {
        return name;
    }

    public long gaugeId() {
        return gauge.id();
    }

    public Length tolerance() {
        return Length.ofPicometres(tolerancePm);
    }

    public List<String> people() {
        return List.of(people.split(";"));
    }

    /** What it comes to. */
    public PeopleStudy result() {
        List<List<List<Length>>> readings = Arrays.stream(readingsPm.split("\\|"))
                .map(part -> Arrays.stream(part.split("/"))
                        .map(cell -> Arrays.stream(cell.split(";"))
                                .map(pm -> Length.ofPicometres(Long.parseLong(pm)))
                                .toList())
                        .toList())
                .toList();
        return PeopleStudy.of(readings).orThrow();
    }

    public long person() {
        return person;
    }

    public Instant at() {
        return at;
    }
}
