package jawread.core.assess;

/** A place in a round. */
record Spot(int round, PlaceKey place) {
    /** Where a reading was taken. */
    static Spot of(Reading reading) {
        return new Spot(reading.round(), reading.place());
    }
}
