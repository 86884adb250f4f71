package jawread.server.judgement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.timeout;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

class BenchAheadTest {
    private final BenchOverview bench = mock();
    private final DoubtsNow doubts = mock();

    @Test
    @Timeout(20)
    void nobody_who_starts_the_server_waits_for_the_bench() throws InterruptedException {
        var laidOut = new CountDownLatch(1);
        var mayGoOn = new CountDownLatch(1);
        when(bench.now()).thenAnswer(asked -> {
            laidOut.countDown();
            mayGoOn.await();
            return null;
        });
        new BenchAhead(doubts, bench).layOut();
        // Here already, and the bench is still being laid out.
        assertThat(laidOut.await(5, TimeUnit.SECONDS)).isTrue();
        mayGoOn.countDown();
    }

    @Test
    void a_bench_that_cannot_be_laid_out_ends_nothing() throws InterruptedException {
        var before = Thread.getDefaultUncaughtExceptionHandler();
        var escaped = new CountDownLatch(1);
        Thread.setDefaultUncaughtExceptionHandler((thread, failure) -> escaped.countDown());
        try {
            when(bench.now()).thenThrow(new IllegalStateException("the file is closed"));
            new BenchAhead(doubts, bench).layOut();
            verify(bench, timeout(5_000)).now();
            assertThat(escaped.await(200, TimeUnit.MILLISECONDS)).isFalse();
        } finally {
            Thread.setDefaultUncaughtExceptionHandler(before);
        }
    }
}
