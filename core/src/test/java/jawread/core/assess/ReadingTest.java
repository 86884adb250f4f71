package jawread.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import org.junit.jupiter.api.Test;

class ReadingTest {
    private static final Length STEP = Length.ofMicrometres(1);

    /** As it shows 40.110 mm, and showed 40.003 mm on its master of 40.0006 mm. */
    private static Reading onMaster() {
        var made = new MadePart(1, 1, 1, 1000);
        Reading plain = made.readings(1).get(0);
        var set = new SetTo(
                new UUID(2, 1),
                Length.ofMillimetres("40.0006"),
                Optional.of(Length.ofMillimetres("40.003")),
                Length.ofMillimetres("0.0008"),
                "steel",
                Optional.empty());
        return new Reading(
                plain.id(),
                plain.seq(),
                plain.part(),
                plain.feature(),
                plain.place(),
                plain.round(),
                plain.with(),
                plain.entry(),
                new Reading.Figure(
                        Optional.empty(),
                        Length.ofMillimetres("40.1076"),
                        Optional.empty(),
                        STEP,
                        STEP,
                        STEP,
                        LengthUnit.MILLIMETRE),
                new Reading.Corrections(Length.ZERO, Length.ZERO, Optional.of(set), Optional.empty()),
                false,
                false);
    }

    @Test
    void what_it_should_have_shown_is_carried_to_its_master_as_what_it_showed_was() {
        Reading read = onMaster();
        assertThat(read.corrected(Length.ofMillimetres("40.110")).value()).isEqualTo(read.value());
        // 40.0006 + (40.610 - 40.003)
        assertThat(read.corrected(Length.ofMillimetres("40.610")).value()).isEqualTo(Length.ofMillimetres("40.6076"));
    }
}
