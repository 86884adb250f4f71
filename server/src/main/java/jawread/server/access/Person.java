package jawread.server.access;

import java.util.Set;

/**
 * Somebody who measures here.
 *
 * @param does what they do here, in a word or two
 */
public record Person(long id, String name, String does, Set<May> may) {
    public Person {
        may = Set.copyOf(may);
    }

    public boolean may(May what) {
        return may.contains(what);
    }
}
