package jawread.server.settings;

import jakarta.annotation.Nullable;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Clock;
import java.util.Base64;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import jawread.server.access.Person;
import jawread.server.journal.Journal;
import jawread.server.journal.Trailed.Under;
import jawread.server.storage.Locks;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The mark of the shop, on the head of its reports. Whatever picture is given is drawn anew and kept as a PNG of our own making: nothing else
 * that its file holds is kept, or leaves the shop with a report.
 */
@Service
public class ShopMark {
    static final int LARGEST_FILE = 2_000_000;
    private static final int LARGEST_SIDE = 6_000;
    private static final int WIDEST = 480;
    private static final int HIGHEST = 160;

    private final ShopMarkRepository marks;
    private final Journal journal;
    private final Locks locks;
    private final Clock clock;
    private final Words words;

    ShopMark(ShopMarkRepository marks, Journal journal, Locks locks, Clock clock, Words words) {
        this.marks = marks;
        this.journal = journal;
        this.locks = locks;
        this.clock = clock;
        this.words = words;
    }

    /** A PNG in Base64, at most 480 × 160 pixels; empty where the shop has none. */
    @Transactional(readOnly = true)
    public String picture() {
        return marks.findFirstByOrderBySetAtDesc().map(ShopMarkRow::picture).orElse("");
    }

    /**
     * Sets it, or takes it away. Refuses what is no picture, and one that is too large.
     *
     * @param file any picture in Base64; empty takes the mark away
     */
    @Transactional
    public void set(String file, Person by) {
        String drawn = file.isEmpty() ? "" : drawnAnew(file);
        locks.settings();
        String before = picture();
        if (before.equals(drawn)) {
            return;
        }
        marks.save(new ShopMarkRow(drawn, by.id(), clock.instant()));
        journal.changed(
                Under.ofTheShop("setting", "shop-mark").called("shop-mark"), "choice", told(before), told(drawn));
    }

    private @Nullable String told(String picture) {
        return picture.isEmpty() ? null : words.say("trail.mark.picture");
    }

    private String drawnAnew(String file) {
        try {
            byte[] bytes = Base64.getDecoder().decode(file);
            if (bytes.length <= LARGEST_FILE) {
                Optional<BufferedImage> read = read(bytes);
                if (read.isPresent()) {
                    return Base64.getEncoder().encodeToString(png(read.get()));
                }
            }
        } catch (IOException | RuntimeException broken) {
            // Readers of pictures stumble over torn files in many ways: none of these is a picture to us.
        }
        throw Refused.field("picture", "no-picture", words);
    }

    /** Empty where it is no picture, or one of too many points: how many is looked at first. */
    private static Optional<BufferedImage> read(byte[] file) throws IOException {
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(stream, true, true);
                if (reader.getWidth(0) > LARGEST_SIDE || reader.getHeight(0) > LARGEST_SIDE) {
                    return Optional.empty();
                }
                // Twice the points that are drawn are enough; all of a large one would take 100 MB.
                int every = Math.max(1, Math.max(reader.getWidth(0) / WIDEST, reader.getHeight(0) / HIGHEST) / 2);
                ImageReadParam some = reader.getDefaultReadParam();
                some.setSourceSubsampling(every, every, 0, 0);
                return Optional.of(reader.read(0, some));
            } finally {
                reader.dispose();
            }
        }
    }

    private static byte[] png(BufferedImage picture) throws IOException {
        double scale =
                Math.min(1, Math.min((double) WIDEST / picture.getWidth(), (double) HIGHEST / picture.getHeight()));
        int width = Math.max(1, (int) Math.round(picture.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(picture.getHeight() * scale));
        var drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Graphics2D pen = drawn.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(picture, 0, 0, width, height, null);
        pen.dispose();
        var written = new ByteArrayOutputStream();
        ImageIO.write(drawn, "png", written);
        return written.toByteArray();
    }
}
