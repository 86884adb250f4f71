package jawread.server.intake;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jawread.server.tabular.TableIn.Line;
import jawread.server.words.Words;

/** The cells of a table by what they mean, and why one is not understood. */
record Cells(ReadColumns columns, Words words) {
    private static final int LONGEST_LIST = 8;

    /** That a cell is not understood. */
    static final class NotUnderstood extends RuntimeException {
        private final int column;

        private NotUnderstood(int column, String sentence) {
            super(sentence, null, false, false);
            this.column = column;
        }

        /** Counted from 0; negative where it is none, or no column is for it. */
        int column() {
            return column;
        }
    }

    /** Empty where no column is for it. */
    String of(Line row, Meaning meaning) {
        return columns.cell(row, meaning);
    }

    /** @param at the column, or a negative number */
    NotUnderstood wrong(int at, String sentence) {
        return new NotUnderstood(at, words.say(sentence));
    }

    NotUnderstood wrong(Meaning meaning, String sentence) {
        return wrong(columns.at(meaning).orElse(-1), sentence);
    }

    /** @param word that stands there @param choices what would be right; the first few of them are said */
    NotUnderstood wrong(Meaning meaning, String sentence, String word, List<String> choices) {
        String some = choices.stream().limit(LONGEST_LIST).collect(Collectors.joining(", "));
        return new NotUnderstood(
                columns.at(meaning).orElse(-1),
                words.say(
                        sentence,
                        Map.of("word", word, "choices", choices.size() > LONGEST_LIST ? some + ", and more" : some)));
    }
}
