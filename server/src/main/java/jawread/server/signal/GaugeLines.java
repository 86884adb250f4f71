package jawread.server.signal;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.signal.GaugeLine;
import jawread.server.access.ProgramTokens;
import jawread.server.signal.LastLines.LineSaid;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Answers the lines of gauges. A figure that is answered with ok is on the disk. */
@Component
class GaugeLines {
    private static final Logger LOG = LoggerFactory.getLogger(GaugeLines.class);
    private static final int LONGEST_ANSWER = 400;

    private final FigureIntake figures;
    private final ProgramTokens tokens;
    private final Speakers speakers;
    private final LastLines last;
    private final Clock clock;
    private final Words words;

    GaugeLines(
            FigureIntake figures, ProgramTokens tokens, Speakers speakers, LastLines last, Clock clock, Words words) {
        this.figures = figures;
        this.tokens = tokens;
        this.speakers = speakers;
        this.last = last;
        this.clock = clock;
        this.words = words;
    }

    /** @param text without its end; of one that was longer than a line may be, its beginning */
    record Came(Box from, String text) {}

    /** What a line is: a figure that is to be kept, or answered already; neither of a comment. */
    private record Understood(Optional<Sent> figure, Optional<Answered> answer) {}

    /** In their order, an answer for each, without its end; empty for a line that says nothing. */
    List<Optional<String>> answer(List<Came> came) {
        List<Understood> understood = came.stream().map(this::understood).toList();
        Iterator<Answered> kept = kept(understood.stream()
                        .flatMap(each -> each.figure().stream())
                        .toList())
                .iterator();
        var answers = new ArrayList<Optional<String>>();
        for (int at = 0; at < came.size(); at++) {
            Understood each = understood.get(at);
            Optional<Answered> answered = each.figure().isPresent() ? Optional.of(kept.next()) : each.answer();
            String line = came.get(at).text();
            Optional<String> answer = answered.map(of -> written(of, line));
            answer.ifPresent(of -> note(came, line, of, answers.size()));
            answers.add(answer);
        }
        return answers;
    }

    private void note(List<Came> came, String line, String answer, int at) {
        boolean isSecret = line.strip().startsWith("token");
        last.said(new LineSaid(
                clock.instant(),
                came.get(at).from().from(),
                isSecret ? "token" : line.replaceAll("[^\\x20-\\x7e]", "?"),
                answer));
    }

    private Understood understood(Came came) {
        Outcome<GaugeLine> read = GaugeLine.parse(came.text());
        return read.fold(line -> said(line, came), refusal -> answered(no(refusal)));
    }

    private Understood said(GaugeLine line, Came came) {
        if (line instanceof GaugeLine.Token token) {
            return answered(letIn(token, came.from()));
        }
        if (line instanceof GaugeLine.Nothing) {
            return new Understood(Optional.empty(), Optional.empty());
        }
        if (!came.from().maySpeak()) {
            return answered(no(Refusal.of("line-no-token")));
        }
        if (line instanceof GaugeLine.Hello hello) {
            speakers.speaks(came.from(), hello.gauge());
            return answered(figures.hello(hello.gauge()));
        }
        GaugeLine.Figure figure = (GaugeLine.Figure) line;
        boolean isAlone = speakers.speaks(came.from(), figure.gauge());
        return new Understood(
                Optional.of(new Sent(UUID.randomUUID(), came.text().strip(), figure, isAlone)), Optional.empty());
    }

    private static Understood answered(Answered answer) {
        return new Understood(Optional.empty(), Optional.of(answer));
    }

    private Answered letIn(GaugeLine.Token token, Box box) {
        try {
            tokens.refuseUnlessMeasures(token.secret());
            box.letIn();
            return Answered.MAY_SPEAK;
        } catch (Refused refused) {
            return Answered.no(refused.refusal(), refused.sentence());
        }
    }

    /** Together; where that fails each by itself, for one may be what was in the way. */
    private List<Answered> kept(List<Sent> sent) {
        if (sent.isEmpty()) {
            return List.of();
        }
        try {
            return figures.take(sent);
        } catch (RuntimeException failure) {
            if (sent.size() > 1) {
                return sent.stream()
                        .flatMap(each -> kept(List.of(each)).stream())
                        .toList();
            }
            LOG.warn("A figure of a gauge could not be kept: {}", failure.getMessage());
            return List.of(no(Refusal.of("line-not-kept")));
        }
    }

    private Answered no(Refusal refusal) {
        return Answered.no(refusal, words.say(refusal, LengthUnit.MILLIMETRE));
    }

    private static String written(Answered answer, String line) {
        OptionalLong count = GaugeLine.countIn(line);
        String numbered = count.isPresent() ? " n=" + count.getAsLong() : "";
        return plain(answer.isOk() ? "ok" + numbered + " " + answer.said() : "no" + numbered + " " + answer.said());
    }

    /** A box reads ASCII, and one line. */
    private static String plain(String text) {
        String ascii = text.replaceAll("[\u201c\u201d]", "\"")
                .replace('\u2019', '\'')
                .replace('\u2212', '-')
                .replace("\u00b1", "+/-")
                .replaceAll("[^\\x20-\\x7e]+", " ");
        return ascii.substring(0, Math.min(ascii.length(), LONGEST_ANSWER));
    }
}
