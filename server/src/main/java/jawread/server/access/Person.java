package jawread.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** Somebody who measures here. */
@Entity
public class Person {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String does;

    protected Person() {}

    public Person(String name, String does) {
        this.name = name;
        this.does = does;
    }

    public long id() {
        return id;
    }

    public String name() {
        return name;
    }

    /** What they do here, in a word or two. */
    public String does() {
        return does;
    }
}
