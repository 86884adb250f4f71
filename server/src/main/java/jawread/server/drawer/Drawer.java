package jawread.server.drawer;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.ReadWith;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The gauges and the masters, as they stand. */
@Service
public class Drawer {
    private final GaugeRepository gauges;
    private final GaugeEventRepository events;
    private final MasterRepository masters;
    private final Clock clock;
    private final Words words;

    public Drawer(
            GaugeRepository gauges, GaugeEventRepository events, MasterRepository masters, Clock clock, Words words) {
        this.gauges = gauges;
        this.events = events;
        this.masters = masters;
        this.clock = clock;
        this.words = words;
    }

    @Transactional(readOnly = true)
    public List<Gauge> all() {
        return gauges.findAllByOrderById().stream().map(GaugeRow::gauge).toList();
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public Gauge byId(long id) {
        return gauges.findById(id)
                .map(GaugeRow::gauge)
                .orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-gauge", words.say("problem.no-such-gauge")));
    }

    /** Refuses unknown ids with 404, and what is no micrometer on a master with 422. */
    @Transactional(readOnly = true)
    public GaugeAndReader method(ReadWith with) {
        Gauge gauge = byId(with.gauge());
        if (with.onMaster() && !gauge.kind().hasFrames()) {
            throw Refused.field("onMaster", "no-micrometer", words);
        }
        return new GaugeAndReader(gauge, with.reader().map(this::byId), with.onMaster());
    }

    @Transactional(readOnly = true)
    public List<GaugeEvent> eventsOf(Gauge gauge) {
        return events.findAllByGaugeIdOrderByAt(gauge.id()).stream()
                .map(GaugeEventRow::event)
                .toList();
    }

    /** When each gauge last had something of a kind happen to it. */
    @Transactional(readOnly = true)
    public Map<GaugeEvent.Kind, Map<Long, Instant>> last(GaugeEvent.Kind... kinds) {
        return events.findLast(List.of(kinds)).stream()
                .collect(Collectors.groupingBy(
                        row -> (GaugeEvent.Kind) row[1],
                        Collectors.toMap(row -> (Long) row[0], row -> (Instant) row[2])));
    }

    /**
     * All that can be measured with: each gauge with a scale, with pins or with a go and a no-go end, and each transfer gauge with every reader
     * that may measure it. What is put to threads gives no size. A micrometer is a second method where there is a master it can be set on.
     */
    @Transactional(readOnly = true)
    public List<GaugeAndReader> methods() {
        List<Gauge> all = all();
        List<ShopMaster> usable = masters().stream().filter(this::mayBeUsed).toList();
        Stream<GaugeAndReader> held = all.stream()
                .filter(gauge -> !gauge.kind().isForThreads())
                .flatMap(gauge -> gauge.kind().isTransfer()
                        ? readersOf(gauge, all).map(reader -> GaugeAndReader.carried(gauge, reader))
                        : Stream.of(GaugeAndReader.of(gauge)));
        Stream<GaugeAndReader> set = all.stream()
                .filter(gauge -> gauge.kind().hasFrames()
                        && usable.stream().anyMatch(master -> master.master().mayServe(Methods.atHand(gauge))))
                .map(GaugeAndReader::onMaster);
        return Stream.concat(held, set).toList();
    }

    /** Those named; where none is, every outside micrometer and caliper whose range meets the gauge's own. */
    Stream<Gauge> readersOf(Gauge transfer, List<Gauge> all) {
        return all.stream()
                .filter(gauge -> gauge.kind().mayRead())
                .filter(gauge -> transfer.readers().isEmpty()
                        ? gauge.range().meets(transfer.range())
                        : transfer.readers().contains(gauge.id()));
    }

    @Transactional(readOnly = true)
    public List<ShopMaster> masters() {
        return masters.findAllByOrderById().stream().map(MasterRow::master).toList();
    }

    /** Refuses an unknown id with 404. */
    @Transactional(readOnly = true)
    public ShopMaster masterById(long id) {
        return masters.findById(id)
                .map(MasterRow::master)
                .orElseThrow(
                        () -> Refused.of(HttpStatus.NOT_FOUND, "no-such-master", words.say("problem.no-such-master")));
    }

    /** Its state today. */
    public GaugeState stateOf(Gauge gauge) {
        return gauge.stateOn(today());
    }

    /** Its state on the day of a moment. */
    public GaugeState stateAt(Gauge gauge, Instant at) {
        return gauge.stateOn(dayOf(at));
    }

    /** Whether a master may be used today: neither retired nor past its date. */
    public boolean mayBeUsed(ShopMaster master) {
        return !master.retired() && master.due().stream().noneMatch(due -> due.isBefore(today()));
    }

    /** The end of the last day that its certificate holds for; empty where it has none. */
    Optional<Instant> usableBefore(ShopMaster master) {
        return master.due()
                .map(due -> due.plusDays(1).atStartOfDay(ZoneId.systemDefault()).toInstant());
    }

    public LocalDate today() {
        return dayOf(clock.instant());
    }

    LocalDate dayOf(Instant at) {
        return LocalDate.ofInstant(at, ZoneId.systemDefault());
    }
}
