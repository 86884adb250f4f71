package jawread.server.access;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import jawread.server.journal.Trailed;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;

/** A person as kept. */
@Entity
@Table(name = "person")
class PersonRow implements Trailed {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String does;

    // With all people at once, not one by one.
    @ElementCollection(fetch = FetchType.EAGER)
    @Fetch(FetchMode.SUBSELECT)
    @CollectionTable(name = "person_may", joinColumns = @JoinColumn(name = "person_id"))
    @Column(name = "may", nullable = false)
    @Enumerated(EnumType.STRING)
    private Set<May> may = EnumSet.of(May.MEASURES);

    protected PersonRow() {}

    PersonRow(String name, String does) {
        this.name = name;
        this.does = does;
    }

    Person person() {
        return new Person(id, name, does, may);
    }

    void may(Collection<May> now) {
        may.retainAll(now);
        may.addAll(now);
    }

    @Override
    public Under trailedUnder() {
        return Under.ofTheShop("person", id.toString());
    }
}
