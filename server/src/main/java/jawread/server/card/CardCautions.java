package jawread.server.card;

import java.util.Arrays;
import java.util.List;
import jawread.server.settings.Caution;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;

/** All cautions, to be read with no job: before a job only those that its person chose are shown. */
@Service
class CardCautions {
    private final Words words;

    CardCautions(Words words) {
        this.words = words;
    }

    record CardCaution(String code, String name, String sentence) {}

    List<CardCaution> all() {
        return Arrays.stream(Caution.values())
                .map(each -> new CardCaution(
                        each.code(),
                        words.say("caution." + each.code()),
                        words.say("caution." + each.code() + ".sentence")))
                .toList();
    }
}
