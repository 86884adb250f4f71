package jawread.server.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import jawread.core.limit.TitleBlock;
import jawread.server.job.Job;
import jawread.server.job.JobHead;
import jawread.server.job.TitleBlocks;
import jawread.server.plan.PastedView.TitleLineView;
import jawread.server.settings.Setting;
import jawread.server.words.Refused;
import org.springframework.stereotype.Component;

/** Understands a title block that stands above the features of a file, for one job. */
@Component
class TitleRead {
    private static final Pattern CLASS =
            Pattern.compile("(?:iso\\s*)?2768\\s*-?\\s*(?:1\\s*-?\\s*)?(fine|medium|very coarse|coarse|[fmcv])[hkl]?");
    private static final Map<String, String> CLASSES =
            Map.of("fine", "f", "medium", "m", "coarse", "c", "very coarse", "v");
    private static final Pattern EITHER_SIDE = Pattern.compile("^(?:±|\\+\\s*/?\\s*[-−])\\s*");
    private static final Pattern DEGREES = Pattern.compile("\\s*°\\s*[Cc]$");

    private final HeadRules heads;

    TitleRead(HeadRules heads) {
        this.heads = heads;
    }

    /** @param line of the file, from 1 */
    record TitleLine(int line, TitleWord word, String said) {}

    /**
     * What a file's title block would make of a job.
     *
     * @param block that its sizes are understood by
     */
    record TitleIn(List<TitleLineView> lines, TitleBlock block) {
        boolean isRefused() {
            return lines.stream().anyMatch(line -> line.refused() != null);
        }
    }

    TitleIn of(Job job, List<TitleLine> lines) {
        var read = new ArrayList<TitleLineView>();
        JobHead head = job.head();
        var choices = new EnumMap<Setting, String>(Setting.class);
        for (TitleLine line : lines) {
            String value = value(line);
            String refused = null;
            try {
                JobHead with = with(head, line.word(), value);
                heads.refuseUnlessSound(with);
                heads.refuseAnotherUnit(job, with.unit());
                head = with;
                if (line.word().setting().isPresent()) {
                    Map<Setting, String> accepted =
                            heads.accepted(Map.of(line.word().field(), value), head.unit());
                    choices.putAll(accepted);
                    value = accepted.get(line.word().setting().orElseThrow());
                }
            } catch (Refused no) {
                refused = no.sentence();
            }
            read.add(new TitleLineView(
                    line.line(),
                    line.word().field(),
                    line.word().word(),
                    line.said(),
                    value,
                    now(job, line.word()),
                    refused));
        }
        return new TitleIn(
                read,
                TitleBlocks.of(
                        head.unit(),
                        setting -> choices.containsKey(setting) ? choices.get(setting) : job.choiceOf(setting)));
    }

    /** As a job's head has it. */
    private static String value(TitleLine line) {
        String said = line.said().strip();
        return switch (line.word()) {
            case UNIT -> unit(said.toLowerCase(Locale.ROOT));
            case WITHOUT_TOLERANCE -> generalClass(said.toLowerCase(Locale.ROOT));
            case INCH_1, INCH_2, INCH_3, INCH_4 -> EITHER_SIDE.matcher(said).replaceFirst("");
            case TEMPERATURE -> DEGREES.matcher(said).replaceFirst("");
            default -> said;
        };
    }

    private static String unit(String said) {
        return switch (said) {
            case "millimetre", "millimetres", "millimeter", "millimeters" -> "mm";
            case "inch", "inches" -> "in";
            default -> said;
        };
    }

    private static String generalClass(String said) {
        var matcher = CLASS.matcher(said);
        String of = matcher.matches() ? matcher.group(1) : said;
        return CLASSES.getOrDefault(of, of);
    }

    private JobHead with(JobHead head, TitleWord word, String value) {
        return switch (word) {
            case JOB -> head.called(value);
            case ABOUT -> head.about(value);
            case LIMITS_FROM -> head.from(value);
            case CUSTOMER_REFERENCE -> head.orderedBy(value);
            case UNIT -> head.in(heads.unit(value));
            case MATERIAL -> head.of(value);
            case TEMPERATURE -> head.at(value);
            default -> head;
        };
    }

    /** What the job says of it now, as a file would. */
    static String now(Job job, TitleWord word) {
        JobHead head = job.head();
        return switch (word) {
            case JOB -> head.name();
            case ABOUT -> head.about();
            case LIMITS_FROM -> head.limitsSource();
            case CUSTOMER_REFERENCE -> head.customerReference();
            case UNIT -> head.unit().symbol();
            case MATERIAL -> head.material();
            case TEMPERATURE -> head.temperature();
            default -> job.choiceOf(word.setting().orElseThrow());
        };
    }
}
