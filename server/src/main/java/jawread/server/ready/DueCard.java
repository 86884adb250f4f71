package jawread.server.ready;

import jawread.server.ready.ReadyView.ReadyCardView;

/** A card that is due, and about how many seconds it takes. */
record DueCard(CardKind kind, ReadyCardView card, long seconds) {
    static DueCard of(CardKind kind, String code, String title, String sentence, long seconds) {
        return new DueCard(kind, new ReadyCardView(code, kind.code(), title, sentence, null, null, false), seconds);
    }

    /** @param wanted the size to set it to, as typed; null where it is not set @param putBack on the master it was set on */
    static DueCard ofGauge(
            CardKind kind, long gauge, String title, String sentence, String wanted, boolean putBack, long seconds) {
        return new DueCard(
                kind,
                new ReadyCardView(kind.card(gauge), kind.code(), title, sentence, gauge, wanted, putBack),
                seconds);
    }
}
