package jawread.server.drawer;

import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.TypedLength;
import jawread.server.words.Refused;
import jawread.server.words.Words;

/** Understands a U as typed: a length, zero or above. */
final class UncertaintyTyped {
    private UncertaintyTyped() {}

    static Length understood(String field, String text, LengthUnit unit, Words words) {
        return TypedLength.parse(text, unit, TypedLength.Kind.SIZE).fold(TypedLength::length, refusal -> {
            if (refusal.code().equals("negative-size")) {
                throw Refused.field(field, "negative-uncertainty", words);
            }
            throw Refused.field(field, refusal, words.say(refusal, unit));
        });
    }
}
