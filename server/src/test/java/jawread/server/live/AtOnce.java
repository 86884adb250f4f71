package jawread.server.live;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;

/** Several people who do something at one moment. */
public final class AtOnce {
    private AtOnce() {}

    /** What each comes to, in the order given. */
    @SafeVarargs
    @SuppressWarnings("varargs")
    public static <T> List<T> of(Callable<T>... acts) throws Exception {
        return of(List.of(acts));
    }

    public static <T> List<T> of(List<? extends Callable<T>> acts) throws Exception {
        var start = new CyclicBarrier(acts.size());
        ExecutorService people = Executors.newFixedThreadPool(acts.size());
        try {
            List<Future<T>> futures = new ArrayList<>();
            for (Callable<T> act : acts) {
                futures.add(people.submit(() -> {
                    start.await();
                    return act.call();
                }));
            }
            var results = new ArrayList<T>();
            for (Future<T> future : futures) {
                results.add(future.get(60, TimeUnit.SECONDS));
            }
            return results;
        } finally {
            people.shutdownNow();
        }
    }
}
