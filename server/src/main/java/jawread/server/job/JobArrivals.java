package jawread.server.job;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Which jobs came in as files, from where. */
@Service
public class JobArrivals {
    private final JobArrivalRepository arrivals;

    JobArrivals(JobArrivalRepository arrivals) {
        this.arrivals = arrivals;
    }

    /** The first first; none of a job that was opened here. */
    @Transactional(readOnly = true)
    public List<JobArrival> of(long job) {
        return arrivals.findAllByJobIdOrderByMadeAt(job).stream()
                .map(JobArrivalRow::arrival)
                .toList();
    }

    /** Keeps one, in the transaction that brings the job in. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keep(JobArrival arrival) {
        arrivals.save(new JobArrivalRow(arrival));
    }
}
