package jawread.server.report;

import java.util.List;

/**
 * A report as it stands.
 *
 * @param title the job's name
 * @param running said at the head of each page: whose it is, that it is half done, that it is a demonstration
 */
public record Document(String title, List<String> running, List<Block> blocks) {
    public Document {
        running = List.copyOf(running);
        blocks = List.copyOf(blocks);
    }

    /** The same without its pictures: fewer pages, and no less said. */
    public Document withoutPictures() {
        return new Document(
                title,
                running,
                blocks.stream()
                        .filter(block -> !(block instanceof Block.Pictures))
                        .toList());
    }
}
