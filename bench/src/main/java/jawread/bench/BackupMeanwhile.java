package jawread.bench;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import jawread.browser.Chromium;
import jawread.browser.PackagedServer;

/**
 * How long a reading takes while the shop is backed up: 5 000 readings are there, a hand reads on without a pause, and the command that
 * takes a backup, restores it on trial and puts it in place runs again and again beside it.
 */
public final class BackupMeanwhile {
    private static final int READINGS = 5_000;
    private static final int MEASURED = 400;
    private static final int BACKUPS = 5;

    /** So many readings one after the other, and how long each took until it was acknowledged. */
    private static final String READ = """
            async ([from, count]) => {
              const took = [];
              for (let i = from; i < from + count; i++) {
                const spot = globalThis.spots[i % globalThis.spots.length];
                const start = performance.now();
                const answer = await fetch('/api/v1/readings/' + crypto.randomUUID(), {
                  method: 'PUT', headers: { 'Content-Type': 'application/json' },
                  body: JSON.stringify({ ...spot, round: 0, gauge: 6, typed: (31.95 + (i % 3) / 1000).toFixed(3),
                    takenAt: '2026-03-10T08:00:00.000Z' }) });
                const said = await answer.text();
                took.push(performance.now() - start);
                if (!answer.ok) throw new Error(said);
              }
              return took;
            }""";

    private BackupMeanwhile() {}

    public static void main(String[] arguments) throws IOException, InterruptedException {
        try (PackagedServer server = PackagedServer.alone();
                var chromium = new Chromium()) {
            Page page = StepUp.ansa(chromium.screen(Chromium.desk()), server);
            page.navigate(server.address() + "/technique");
            List<String> paths = LongWalk.planned(page);
            page.evaluate(LongWalk.SPOTS, paths);
            page.evaluate(LongWalk.FILL, List.of(0, READINGS));
            read(page, READINGS, 100);
            List<Double> without = read(page, READINGS, MEASURED);
            var backups = new Backups(server);
            backups.start();
            var meanwhile = new ArrayList<Double>();
            while (backups.isAlive()) {
                meanwhile.addAll(read(page, READINGS, 20));
            }
            backups.join();
            double before = EnterToVerdict.at(without, 0.95);
            double during = EnterToVerdict.at(meanwhile, 0.95);
            System.out.printf(
                    "a reading, with %d there: median %.1f ms, 95th percentile %.1f ms; while %d backups of %d kB were taken and"
                            + " restored on trial one after the other, each in some %.1f s: median %.1f ms, 95th percentile %.1f ms,"
                            + " %.2f times%n",
                    READINGS,
                    EnterToVerdict.at(without, 0.5),
                    before,
                    backups.seconds.size(),
                    backups.size / 1000,
                    EnterToVerdict.at(backups.seconds, 0.5),
                    EnterToVerdict.at(meanwhile, 0.5),
                    during,
                    during / before);
        }
    }

    private static List<Double> read(Page page, int from, int count) {
        return ((List<?>) page.evaluate(READ, List.of(from, count)))
                .stream().map(each -> ((Number) each).doubleValue()).toList();
    }

    /** Takes one backup after the other, as the command line does. */
    private static final class Backups extends Thread {
        private final PackagedServer server;
        private final List<Double> seconds = new ArrayList<>();
        private long size;

        private Backups(PackagedServer server) {
            this.server = server;
        }

        @Override
        public void run() {
            Path file = server.data().resolveSibling("meanwhile.zip");
            try {
                for (int i = 0; i < BACKUPS; i++) {
                    long start = System.nanoTime();
                    PackagedServer.Ran ran = server.command("backup", file.toString());
                    if (ran.code() != 0) {
                        throw new IllegalStateException(ran.said());
                    }
                    size = Files.size(file);
                    seconds.add((System.nanoTime() - start) / 1e9);
                }
            } catch (IOException failure) {
                throw new IllegalStateException(failure);
            } catch (InterruptedException enough) {
                Thread.currentThread().interrupt();
            }
        }
    }
}
