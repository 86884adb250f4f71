package jawread.server.records;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.server.job.Jobs;
import jawread.server.tables.CanonicalJson;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whether a record still is what was signed, and a file still what left the shop. */
@Service
class RecordCheck {
    /** What a report's file bears, so that its record is found again. */
    static final String MARK = "jaw-read-record ";

    private static final Pattern DIGEST = Pattern.compile("[0-9a-f]{64}");
    private static final Pattern NAMED = Pattern.compile(MARK + "([0-9a-f]{64})");
    private static final byte[] PDF = "%PDF".getBytes(StandardCharsets.US_ASCII);

    private final SignedRecordRepository records;
    private final SignOffRepository signOffs;
    private final IssuedReportRepository issued;
    private final FrozenRows rows;
    private final Jobs jobs;
    private final Words words;

    RecordCheck(
            SignedRecordRepository records,
            SignOffRepository signOffs,
            IssuedReportRepository issued,
            FrozenRows rows,
            Jobs jobs,
            Words words) {
        this.records = records;
        this.signOffs = signOffs;
        this.issued = issued;
        this.rows = rows;
        this.jobs = jobs;
        this.words = words;
    }

    /**
     * What was found.
     *
     * @param record that was meant
     * @param misfits each a sentence; none where all of it is what was signed
     * @param sentence what it comes to
     */
    record Found(SignedRecord record, List<String> misfits, String sentence) {
        boolean fits() {
            return misfits.isEmpty();
        }
    }

    /** By a digest: of a record, of a signature, or of a file. Refuses what is none, and what this shop does not know. */
    @Transactional(readOnly = true)
    Found byHash(String typed) {
        String digest = typed.strip().toLowerCase(Locale.ROOT).replaceAll("\\s", "");
        if (!DIGEST.matcher(digest).matches()) {
            throw Refused.field("hash", "no-hash", words);
        }
        return known(digest).map(this::found).orElseThrow(() -> refused("hash-unknown"));
    }

    /** By a file: the report, or the record itself. */
    @Transactional(readOnly = true)
    Found byFile(byte[] file) {
        String digest = CanonicalJson.digest(file);
        Optional<SignedRecord> asItIs = known(digest);
        if (asItIs.isPresent()) {
            return found(asItIs.get());
        }
        if (!startsWith(file)) {
            throw refused("no-report");
        }
        String named = named(file).orElseThrow(() -> refused("no-report"));
        Found found =
                records.findRecordBySha256(named).map(this::found).orElseThrow(() -> refused("report-of-another-shop"));
        var misfits = new ArrayList<>(found.misfits());
        misfits.add(0, words.say("record.file-changed"));
        return new Found(found.record(), List.copyOf(misfits), said(found.record(), misfits));
    }

    private Refused refused(String code) {
        return Refused.of(HttpStatus.UNPROCESSABLE_CONTENT, code, words.say("problem." + code));
    }

    private static boolean startsWith(byte[] file) {
        for (int i = 0; i < PDF.length; i++) {
            if (i >= file.length || file[i] != PDF[i]) {
                return false;
            }
        }
        return true;
    }

    private static Optional<String> named(byte[] file) {
        try (PDDocument document = Loader.loadPDF(file)) {
            Matcher named = NAMED.matcher(
                    Objects.toString(document.getDocumentInformation().getKeywords(), ""));
            return named.find() ? Optional.of(named.group(1)) : Optional.empty();
        } catch (IOException broken) {
            return Optional.empty();
        }
    }

    private Optional<SignedRecord> known(String digest) {
        return records.findRecordBySha256(digest)
                .or(() -> signOffs.findBySha256(digest)
                        .flatMap(signed -> records.findRecord(signed.signOff().record())))
                .or(() -> issued.findBySha256(digest).flatMap(report -> records.findRecord(report.recordId())));
    }

    private Found found(SignedRecord record) {
        List<String> misfits = misfits(record);
        return new Found(record, misfits, said(record, misfits));
    }

    private String said(SignedRecord record, List<String> misfits) {
        return words.say(
                misfits.isEmpty() ? "record.fits" : "record.fits-not",
                Map.of(
                        "job",
                        jobs.job(record.job()).name(),
                        "revision",
                        Integer.toString(record.revision()),
                        "count",
                        misfits.size()));
    }

    /** Of the frozen copy, of the signatures of the shop, of the rows that were frozen. */
    List<String> misfits(SignedRecord record) {
        var misfits = new ArrayList<String>();
        String content = records.findContent(record.id());
        boolean isWhole = CanonicalJson.digest(content).equals(record.sha256());
        if (!isWhole) {
            misfits.add(words.say("record.copy-changed"));
        }
        signatures(misfits);
        if (isWhole) {
            rows(record.job(), content, misfits);
        }
        return misfits;
    }

    private void signatures(List<String> misfits) {
        Map<String, SignOff> following = new HashMap<>();
        List<SignOff> all = signOffs.findAllByOrderBySignedAt().stream()
                .map(SignOffRow::signOff)
                .toList();
        all.forEach(each -> following.put(each.follows(), each));
        int seen = 0;
        SignOff next = following.get(SignOff.FIRST);
        while (next != null && seen < all.size()) {
            String under =
                    records.findRecord(next.record()).map(SignedRecord::sha256).orElse("");
            if (!next.holds(under)) {
                misfits.add(words.say("record.signature-changed", Map.of("who", next.name())));
            }
            seen++;
            next = following.get(next.sha256());
        }
        if (seen < all.size()) {
            misfits.add(words.say("record.signature-missing"));
        }
    }

    private void rows(long job, String content, List<String> misfits) {
        Map<String, List<Map<String, Object>>> now = rows.of(job);
        Freezing.rows(content).forEach((table, frozen) -> {
            Map<Object, Map<String, Object>> by = new HashMap<>();
            now.getOrDefault(table, List.of()).forEach(row -> by.put(key(row), row));
            for (Map<String, Object> row : frozen) {
                Map<String, Object> stands = by.get(key(row));
                if (stands == null) {
                    misfits.add(words.say("record.row-gone", Map.of("what", called(table, row))));
                } else {
                    row.forEach((column, value) -> {
                        if (!value.equals(stands.get(column))) {
                            misfits.add(words.say(
                                    "record.row-changed",
                                    Map.of(
                                            "what",
                                            called(table, row),
                                            "field",
                                            column,
                                            "before",
                                            value,
                                            "after",
                                            Objects.toString(stands.get(column), ""))));
                        }
                    });
                }
            }
        });
    }

    private static Object key(Map<String, Object> row) {
        return row.containsKey("id") ? row.get("id") : row;
    }

    private String called(String table, Map<String, Object> row) {
        return table.equals("reading")
                ? words.say("record.reading", Map.of("number", Objects.toString(row.get("seq"), "")))
                : words.say("record.row", Map.of("table", table, "key", Objects.toString(row.get("id"), "")));
    }
}
