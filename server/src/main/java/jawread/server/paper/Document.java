package jawread.server.paper;

import jakarta.annotation.Nullable;
import java.util.List;

/**
 * A report as it stands.
 *
 * @param mark of the shop, a PNG in Base64; empty without one
 * @param title the job's name
 * @param running said at the head of each page: whose it is, that it is half done, that it is a demonstration
 */
public record Document(@Nullable String mark, String title, List<String> running, List<Block> blocks) {
    public Document {
        mark = mark == null ? "" : mark;
        running = List.copyOf(running);
        blocks = List.copyOf(blocks);
    }

    /** The same without its pictures: fewer pages, and no less said. */
    public Document withoutPictures() {
        return new Document(
                mark,
                title,
                running,
                blocks.stream()
                        .filter(block -> !(block instanceof Block.Pictures))
                        .toList());
    }
}
