package jawread.server.access;

import java.util.List;

/**
 * A person as screens see them.
 *
 * @param may learns, measures, teaches, signs, keeps-the-drawer
 */
public record PersonView(long id, String name, String does, List<String> may) {
    public static PersonView of(Person person) {
        return new PersonView(
                person.id(),
                person.name(),
                person.does(),
                person.may().stream().sorted().map(May::code).toList());
    }
}
