package jawread.server.practice;

import static jawread.server.access.Allowed.To.PERSON;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import java.math.BigDecimal;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.scale.Parts;
import jawread.server.access.Allowed;
import jawread.server.access.Person;
import jawread.server.access.ScreenTickets;
import jawread.server.door.TypedFigure;
import jawread.server.practice.PracticeView.LessonView;
import jawread.server.practice.PracticeView.PracticeAnsweredView;
import jawread.server.practice.PracticeView.PracticeSetView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Practice of whoever stands at this screen. A set and an answer bear ids made by the browser, so that sending one twice keeps it once. */
@RestController
@RequestMapping("/practice")
class PracticeController {
    private final Practice practice;
    private final LearnerPages learners;
    private final PracticePages pages;
    private final Lessons lessons;
    private final ScreenTickets tickets;

    PracticeController(
            Practice practice, LearnerPages learners, PracticePages pages, Lessons lessons, ScreenTickets tickets) {
        this.practice = practice;
        this.learners = learners;
        this.pages = pages;
        this.lessons = lessons;
        this.tickets = tickets;
    }

    /**
     * @param scale its id; absent: from the scales of the drawer
     * @param level coarse, fine, vernier, traps, base or mixed; any other is refused
     * @param only the one trap that all items are of; absent: by weakness
     * @param toSet whether they are set rather than read; absent: read
     * @param heard whether the parts are spoken; absent: they are seen
     * @param items how many, up to 50
     * @param seed that makes the same items again; absent: any
     */
    record PracticeSetBody(
            @Nullable String scale,
            String level,
            @Nullable String only,
            @Nullable Boolean toSet,
            @Nullable Boolean heard,
            int items,
            @Nullable Long seed) {}

    /**
     * @param number of the item, from 1
     * @param typed as a figure, or look by look; absent where it was set
     * @param parts as it was set; absent where it was typed
     * @param tookMs from the drawing to the answer
     */
    record PracticeAnswerBody(
            UUID set,
            int number,
            @TypedFigure @Nullable String typed,
            @Nullable Map<String, BigDecimal> parts,
            long tookMs) {}

    record LessonBody(String unit, int step) {}

    @Allowed(PERSON)
    @GetMapping
    PracticeView page(HttpServletRequest request) {
        return learners.of(tickets.whoStandsAt(request));
    }

    @Allowed(PERSON)
    @PutMapping("/sets/{id}")
    PracticeSetView begin(@PathVariable UUID id, @RequestBody PracticeSetBody body, HttpServletRequest request) {
        Person person = tickets.whoStandsAt(request);
        return pages.set(practice.begin(
                new Practice.Asked(
                        id,
                        Optional.ofNullable(body.scale()),
                        body.level(),
                        Optional.ofNullable(body.only()),
                        Boolean.TRUE.equals(body.toSet()),
                        Boolean.TRUE.equals(body.heard()),
                        body.items(),
                        Optional.ofNullable(body.seed())),
                person));
    }

    @Allowed(PERSON)
    @GetMapping("/sets/{id}")
    PracticeSetView set(@PathVariable UUID id, HttpServletRequest request) {
        return pages.set(practice.progress(id, tickets.whoStandsAt(request)));
    }

    @Allowed(PERSON)
    @PutMapping("/answers/{id}")
    PracticeAnsweredView answer(
            @PathVariable UUID id, @RequestBody PracticeAnswerBody body, HttpServletRequest request) {
        Person person = tickets.whoStandsAt(request);
        return pages.answered(
                practice.answer(
                        new Practice.Sent(
                                id,
                                body.set(),
                                body.number(),
                                Optional.ofNullable(body.typed()),
                                Optional.ofNullable(body.parts()).map(Parts::new),
                                Duration.ofMillis(Math.max(0, body.tookMs()))),
                        person),
                body.number());
    }

    @Allowed(PERSON)
    @PutMapping("/lesson/{id}")
    LessonView lesson(@PathVariable UUID id, @RequestBody LessonBody body, HttpServletRequest request) {
        return lessons.reach(id, body.unit(), body.step(), tickets.whoStandsAt(request));
    }
}
