package jawread.server.exchange;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import jawread.server.exchange.Manifest.Binary;
import jawread.server.exchange.Manifest.Rows;
import jawread.server.tables.CanonicalJson;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MappingIterator;
import tools.jackson.databind.json.JsonMapper;

/** A backup being read: nothing of it is believed before it was counted and digested, and no entry is read past what was declared. */
final class BackupFile implements AutoCloseable {
    /** What is left of an entry after its rows is digested, too. */
    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .disable(StreamReadFeature.AUTO_CLOSE_SOURCE)
                    .build())
            .build();

    private static final String STATEMENTS_OF_BEFORE = "shop.sql";
    /** A line a table and a line a picture: this is ten thousand of them. */
    private static final int LONGEST_MANIFEST = 4_000_000;

    private final Path file;
    private final ZipFile zip;
    private final Manifest manifest;

    private BackupFile(Path file, ZipFile zip, Manifest manifest) {
        this.file = file;
        this.zip = zip;
        this.manifest = manifest;
    }

    /** Throws {@link NotABackup} for any other file, and for one of a form that this program does not know. */
    static BackupFile open(Path file) throws IOException {
        if (!Files.isRegularFile(file)) {
            throw new NotABackup("There is no file " + file + ".");
        }
        if (Files.size(file) == 0) {
            throw new NotABackup(file + " is empty: no backup was ever written into it. Take an earlier one.");
        }
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile());
        } catch (ZipException damaged) {
            throw new NotABackup(
                    file
                            + " is no backup of a shop, or its end is missing: it cannot be unpacked. Take an earlier one.",
                    damaged);
        }
        try {
            return new BackupFile(file, zip, manifest(file, zip));
        } catch (IOException | RuntimeException failure) {
            zip.close();
            throw failure;
        }
    }

    private static Manifest manifest(Path file, ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.ENTRY);
        if (entry == null && zip.getEntry(STATEMENTS_OF_BEFORE) != null) {
            throw new NotABackup(
                    file + " was written by an earlier program, as statements to be executed, and those are"
                            + " executed no more. Open that shop with the program that wrote the file, open it once with this one,"
                            + " and back it up anew; docs/backup.md has the steps.");
        }
        if (entry == null) {
            throw new NotABackup(file + " is no backup of a shop: it holds no " + Manifest.ENTRY + ".");
        }
        Manifest manifest;
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] text = in.readNBytes(LONGEST_MANIFEST + 1);
            if (text.length > LONGEST_MANIFEST) {
                throw new NotABackup(
                        file + " is no backup of a shop: its manifest is longer than any shop's would be.");
            }
            manifest = JSON.readValue(text, Manifest.class);
        } catch (JacksonException | ZipException damaged) {
            throw new NotABackup(file + " is damaged: its manifest cannot be read. Take an earlier backup.", damaged);
        }
        if (!isWhole(manifest)) {
            throw new NotABackup(file + " is no backup of a shop: its manifest does not say what is in it.");
        }
        if (manifest.form() > Manifest.FORM) {
            throw new NotABackup(file + " was written by a newer program, in form " + manifest.form()
                    + ": this one knows form " + Manifest.FORM + ". Restore it with that program.");
        }
        return manifest;
    }

    private static boolean isWhole(Manifest manifest) {
        return manifest != null
                && Manifest.FORMAT.equals(manifest.format())
                && manifest.form() > 0
                && manifest.schema() > 0
                && manifest.tables() != null
                && manifest.binaries() != null
                && manifest.tables().stream()
                        .allMatch(each ->
                                each != null && each.name() != null && each.sha256() != null && each.bytes() >= 0)
                && manifest.binaries().stream()
                        .allMatch(each -> each != null && each.sha256() != null && each.bytes() >= 0);
    }

    Manifest manifest() {
        return manifest;
    }

    /**
     * Hands over the rows of a table, one by one. What was handed over counts only when this returns: it throws
     * {@link NotABackup} where the entry is not just what the manifest says.
     */
    void each(Rows table, Consumer<JsonNode> row) throws IOException {
        digested(table.entry(), table.bytes(), table.sha256(), in -> {
            long rows = 0;
            try (MappingIterator<JsonNode> lines =
                    JSON.readerFor(JsonNode.class).readValues(in)) {
                while (lines.hasNextValue()) {
                    row.accept(lines.nextValue());
                    rows++;
                }
            } catch (JacksonException damaged) {
                throw damaged(table.name() + ", row " + (rows + 1) + ", cannot be read", damaged);
            }
            if (rows != table.rows()) {
                throw damaged(table.name() + " has " + rows + " rows and should have " + table.rows(), null);
            }
        });
    }

    /** What a binary value is. */
    byte[] bytes(Binary binary) throws IOException {
        var bytes = new byte[1][];
        digested(binary.entry(), binary.bytes(), binary.sha256(), in -> bytes[0] = in.readAllBytes());
        return bytes[0];
    }

    @FunctionalInterface
    private interface Reading {
        void of(InputStream in) throws IOException;
    }

    private void digested(String name, long bytes, String sha256, Reading reading) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw damaged(name + " is missing", null);
        }
        MessageDigest digest = CanonicalJson.sha256();
        try (var in = new Counted(new DigestInputStream(zip.getInputStream(entry), digest), bytes, name)) {
            reading.of(in);
            in.transferTo(java.io.OutputStream.nullOutputStream());
            if (in.read != bytes || !HexFormat.of().formatHex(digest.digest()).equals(sha256)) {
                throw damaged(name + " is not what was written into it", null);
            }
        } catch (ZipException damaged) {
            throw damaged(name + " cannot be unpacked", damaged);
        }
    }

    NotABackup damaged(String what, Throwable cause) {
        return new NotABackup(
                file + " is damaged: " + what + (what.endsWith(".") ? "" : ".")
                        + " Nothing was restored. Take an earlier backup.",
                cause);
    }

    /** Ends where the declared bytes end: an entry that unpacks to more than it says is read no further. */
    private final class Counted extends FilterInputStream {
        private final long most;
        private final String name;
        private long read;

        private Counted(InputStream in, long most, String name) {
            super(in);
            this.most = most;
            this.name = name;
        }

        @Override
        public int read() throws IOException {
            int one = super.read();
            count(one < 0 ? 0 : 1);
            return one;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int count = super.read(into, from, length);
            count(Math.max(0, count));
            return count;
        }

        private void count(int more) {
            read += more;
            if (read > most) {
                throw damaged(name + " is longer than the file says", null);
            }
        }
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
