package jawread.server.ready;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a card of getting ready asks for, in the order in which it is done. */
enum CardKind {
    CAUTION,
    LOOK,
    WIPE,
    TEMPERATURE,
    CHECK,
    SET;

    String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The code of a card of this kind: {@code check-7}. */
    String card(Object of) {
        return code() + "-" + of;
    }

    /** Of a card; empty where there is no such card. */
    static Optional<CardKind> of(String card) {
        String kind = card.split("-", 2)[0];
        return Arrays.stream(values()).filter(each -> each.code().equals(kind)).findFirst();
    }
}
