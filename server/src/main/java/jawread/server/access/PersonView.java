package jawread.server.access;

/** A person as screens see them. */
public record PersonView(long id, String name, String does) {
    public static PersonView of(Person person) {
        return new PersonView(person.id(), person.name(), person.does());
    }
}
