package jawread.server.measure;

/** Where a reading belongs: a place on a part, by their numbers. */
public record MovedTo(long part, long place) {}
