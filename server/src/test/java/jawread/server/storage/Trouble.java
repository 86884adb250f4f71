package jawread.server.storage;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import javax.sql.DataSource;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;
import org.springframework.jdbc.datasource.DelegatingDataSource;

/** A disk and a database that a test can bring into trouble, and out of it. */
@TestConfiguration(proxyBeanMethods = false)
public class Trouble {
    /** So many syncs fail from now on; each that is waited for is counted. */
    public static final class Switches {
        private static final long PLENTY = Long.MAX_VALUE;
        final AtomicInteger syncsThatFail = new AtomicInteger();
        final AtomicInteger syncs = new AtomicInteger();
        final AtomicLong room = new AtomicLong(PLENTY);

        public int syncs() {
            return syncs.get();
        }

        /** Next to nothing is left on the disk. */
        public void fill() {
            room.set(3_000_000);
        }

        public void makeRoom() {
            room.set(PLENTY);
        }

        void allWell() {
            syncsThatFail.set(0);
            room.set(PLENTY);
            closeDatabase(false);
        }
    }

    @Bean
    static Switches switches() {
        return new Switches();
    }

    @Bean
    @Primary
    Checkpoint troubledCheckpoint(Checkpoint.OfTheDatabase real, Switches switches) {
        return () -> {
            switches.syncs.incrementAndGet();
            if (switches.syncsThatFail.getAndUpdate(left -> Math.max(0, left - 1)) > 0) {
                throw new NotOnDisk(new SQLException("the disk does not answer"));
            }
            real.sync();
        };
    }

    @Bean
    @Primary
    DiskRoom troubledRoom(Switches switches) {
        return folder -> switches.room.get();
    }

    /** Pages that were made while locks were held. */
    public static List<String> pagesMadeUnderLocks() {
        return List.copyOf(NoLockWhileRendering.FOUND);
    }

    @Bean
    static BeanPostProcessor noLockWhileRendering() {
        return new NoLockWhileRendering();
    }

    @Bean
    static BeanPostProcessor troubledDatabase() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof DataSource real ? new Closable(real) : bean;
            }
        };
    }

    /** As H2 fails once its file could not be written: 90098, the database has been closed. */
    private static final class Closable extends DelegatingDataSource {
        private static final AtomicBoolean CLOSED = new AtomicBoolean();

        private Closable(DataSource real) {
            super(real);
        }

        @Override
        public Connection getConnection() throws SQLException {
            if (CLOSED.get()) {
                throw new SQLException("The database has been closed", "90098", 90098);
            }
            return super.getConnection();
        }
    }

    static void closeDatabase(boolean closed) {
        Closable.CLOSED.set(closed);
    }
}
