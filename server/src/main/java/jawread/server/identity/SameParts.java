package jawread.server.identity;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.identity.PartLinkRow.Pair;
import jawread.server.job.JobLocks;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.journal.Journal;
import jawread.server.journal.What;
import jawread.server.live.Receipt;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Which parts of different plans are one. A person says so, once, and can take it back. What is stamped on them only proposes it; of parts
 * that were listed when the mark alone decided, it still holds, not confirmed, until somebody says otherwise.
 */
@Service
public class SameParts {
    private final PartLinkRepository links;
    private final Jobs jobs;
    private final JobLocks locks;
    private final People people;
    private final Journal journal;
    private final Clock clock;
    private final Words words;

    SameParts(
            PartLinkRepository links,
            Jobs jobs,
            JobLocks locks,
            People people,
            Journal journal,
            Clock clock,
            Words words) {
        this.links = links;
        this.jobs = jobs;
        this.locks = locks;
        this.people = people;
        this.journal = journal;
        this.clock = clock;
        this.words = words;
    }

    /** @param isConfirmed whether a person said that it is the same; else it is held to be by its mark alone */
    public record Same(Part part, boolean isConfirmed) {}

    /** The part itself wherever else it stands; the oldest job first. */
    @Transactional(readOnly = true)
    public List<Same> with(Part part) {
        List<Part> byMark = part.isToldByMark()
                ? marked(part).stream().filter(Part::isToldByMark).toList()
                : List.of();
        PartLinks known = said(part, byMark);
        Set<Long> confirmed = known.one(part.id());
        Set<Long> all = new HashSet<>(confirmed);
        byMark.stream()
                .map(other -> known.one(other.id()))
                .filter(other -> !known.areTwo(confirmed, other))
                .forEach(all::addAll);
        all.remove(part.id());
        return jobs.partsListed(all).stream()
                .map(other -> new Same(other, confirmed.contains(other.id())))
                .toList();
    }

    /** Only what a person said of it; the oldest job first. */
    @Transactional(readOnly = true)
    public List<Part> confirmed(Part part) {
        Set<Long> all = new HashSet<>(PartLinks.from(Set.of(part.id()), links).one(part.id()));
        all.remove(part.id());
        return all.isEmpty() ? List.of() : jobs.partsListed(all);
    }

    /** Whether anything was said of any of these parts. */
    @Transactional(readOnly = true)
    public boolean anyOf(Collection<Part> parts) {
        return !parts.isEmpty()
                && !links.findAllOf(parts.stream().map(Part::id).toList()).isEmpty();
    }

    /**
     * Parts of other jobs that bear the same mark, and of which nobody has said whether they are this one; the newest job first. Those that
     * are said to be one stand together: whoever says that one of them is this says so of all.
     */
    @Transactional(readOnly = true)
    public List<List<Part>> alike(Part part) {
        List<Part> marked = marked(part);
        PartLinks known = said(part, marked);
        Set<Long> confirmed = known.one(part.id());
        var proposed = new LinkedHashMap<Set<Long>, List<Part>>();
        for (int i = marked.size() - 1; i >= 0; i--) {
            Part other = marked.get(i);
            boolean isHeld = part.isToldByMark() && other.isToldByMark();
            Set<Long> one = known.one(other.id());
            if (!isHeld
                    && other.job().id() != part.job().id()
                    && !confirmed.contains(other.id())
                    && !known.areTwo(confirmed, one)) {
                proposed.computeIfAbsent(one, each -> new ArrayList<>()).add(other);
            }
        }
        return List.copyOf(proposed.values());
    }

    /** What was said of a part and of others. */
    private PartLinks said(Part part, List<Part> others) {
        return PartLinks.from(
                Stream.concat(Stream.of(part), others.stream()).map(Part::id).collect(Collectors.toSet()), links);
    }

    private List<Part> marked(Part part) {
        return part.mark().isBlank()
                ? List.of()
                : jobs.partsMarked(part.mark()).stream()
                        .filter(other -> other.id() != part.id())
                        .toList();
    }

    /** @param id made by the browser, so that sending it twice says it once */
    public record SaySame(UUID id, long part, long other, Sameness said, String reason, long person) {}

    /** Says it, once. Refuses two parts of one plan: its list tells them apart. */
    @Transactional
    public Receipt say(SaySame said) {
        long ofPart = locks.jobOf(said.part());
        long ofOther = locks.jobOf(said.other());
        locks.ofJobs(Stream.of(ofPart, ofOther).distinct().sorted());
        Pair pair = Pair.of(said.part(), said.other());
        var before = links.findById(said.id());
        if (before.isPresent()) {
            if (!before.get().pair().equals(pair) || before.get().said() != said.said()) {
                throw Refused.keptOtherwise(words);
            }
            return Receipt.before(said.id());
        }
        if (jobs.part(said.part()).plan().id() == jobs.part(said.other()).plan().id()) {
            throw Refused.of(HttpStatus.CONFLICT, "same-plan", words.say("problem.same-plan"));
        }
        Person person = people.byId(said.person());
        if (ofOther != ofPart) {
            journal.write(ofOther, What.ROUND);
        }
        long seq = journal.write(ofPart, What.ROUND);
        links.save(new PartLinkRow(said.id(), pair, said.said(), said.reason().strip(), person, clock.instant()));
        return Receipt.now(said.id(), seq);
    }
}
