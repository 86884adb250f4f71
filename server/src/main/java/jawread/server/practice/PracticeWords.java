package jawread.server.practice;

import jawread.core.misread.Slip;
import jawread.core.practice.Strength;
import jawread.server.practice.PracticeView.LearnedTrapView;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** What traps are called, and how firm somebody stands at them. */
@Component
class PracticeWords {
    private static final double SHAKY = 0.4;
    private static final int PERCENT = 100;

    private final Words words;

    PracticeWords(Words words) {
        this.words = words;
    }

    String name(Slip slip) {
        return words.say("slip-name." + slip.code());
    }

    LearnedTrapView trap(Slip slip, Strength strength) {
        return new LearnedTrapView(
                slip.code(),
                name(slip),
                (int) Math.round(strength.value() * PERCENT),
                words.say("practice.strength." + word(strength)),
                strength.met(),
                strength.missed());
    }

    private static String word(Strength strength) {
        if (strength.met() == 0) {
            return "new";
        }
        return strength.isFirm() ? "firm" : strength.value() >= SHAKY ? "shaky" : "weak";
    }
}
