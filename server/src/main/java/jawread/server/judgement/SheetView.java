package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import jawread.core.assess.Said;
import jawread.core.length.ShortEntry;
import jawread.server.access.People;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.form.FormPictureView;
import jawread.server.job.LimitsView;
import jawread.server.judgement.WhichPartView.SamePartView;
import jawread.server.scale.ScaleReadingView.AddendView;
import jawread.server.words.LengthText;

/**
 * The sheet of one feature of one part: all that the one who measures looks at, figures and sentences ready for showing.
 *
 * @param plan that the part is measured by
 * @param shape what its section is drawn as
 * @param changed present where the plan no longer has this feature, or has it as another kind of size
 * @param again present until somebody has seen it: that readings under earlier revisions count again
 * @param asked a part of another job that bears its mark, of which nobody has said whether it is this one; absent where there is none
 * @param takenBack cuts that are said never to have been taken
 * @param underPlan by which revision it is judged, under which its readings were read, and which of them lie aside, and at
 *     what size it came in; none where there is nothing to say
 * @param parts the parts of the plan, for going to another
 * @param features the features of the plan, for the drawn section and for going to another
 * @param rounds from "as found" on; the last is the one in force
 * @param gauge the one to measure with: the key of the method read with last here, else the one picked or proposed
 * @param startCheck why that one wants its zero looked at before it begins here; absent when it does not
 * @param left what is still to be read of this part, and of all of them, with the time it takes; absent when nothing is
 * @param quickWith what a quick check is best made with: the key of a method; absent where the drawer has none
 * @param shortEntry the last digits that stand for a figure; absent while the shop wants none of it, or figures share no head
 * @param made from which figures it can be made that no gauge is laid on; absent for a runout
 * @param next the very next thing to do in the job, on this part before any other; absent when all is done
 * @param say one sentence for ears: the last figure, what it comes to, what is next
 */
public record SheetView(
        JobView job,
        long plan,
        String shape,
        @Nullable ChangedView changed,
        @Nullable String again,
        @Nullable SamePartView asked,
        List<TakenBackView> takenBack,
        List<String> underPlan,
        PartView part,
        List<PartView> parts,
        List<FeatureView> features,
        FeatureView feature,
        List<RoundView> rounds,
        @Nullable String gauge,
        @Nullable String startCheck,
        @Nullable String left,
        @Nullable String quickWith,
        @Nullable ShortEntryView shortEntry,
        @Nullable MadeView made,
        @Nullable NextView next,
        String say) {
    /**
     * @param last the code of the way it was made by last; absent where it was read as one figure, or not at all
     * @param gauges the keys of the methods that its figures were read with then; none without a last one
     */
    public record MadeView(List<MadeWayView> ways, @Nullable String last, List<String> gauges) {}

    /** @param figures what each is called, in the order of the formula */
    public record MadeWayView(String code, String name, List<String> figures) {}

    /**
     * @param gauge whose figures they are: the key of a method
     * @param head what stands before the digits
     * @param digits how many are typed
     * @param otherHead where the last reading lies near a change of head: both are then shown
     */
    public record ShortEntryView(
            String gauge, String head, int digits, @Nullable String otherHead) {
        static ShortEntryView of(GaugeAndReader method, ShortEntry entry) {
            return new ShortEntryView(
                    method.key(),
                    entry.head(),
                    entry.digits(),
                    entry.otherHead().orElse(null));
        }
    }

    /** @param lives present on a job that lives hang on: who decides, and that this program does not */
    public record JobView(
            long id,
            String name,
            String about,
            String limitsSource,
            String unit,
            boolean demonstration,
            @Nullable String lives) {}

    public record PartView(long id, String name, String mark, VerdictView verdict) {}

    /**
     * @param id of this edition
     * @param key the same through all its editions
     * @param starts from the left end of the part; absent while nobody has said
     * @param service how far it may wear; absent where nobody has said
     * @param limits of the size that the part is: where it was reworked, of that
     * @param steps that it can be reworked to by the plan, the nearest first
     * @param reworked which of them it is; absent as new
     * @param depths where the gauge is put down its length, each once, from its start, whole picometres
     * @param number the drawing's own; absent where none was given
     */
    public record FeatureView(
            long id,
            UUID key,
            String name,
            String kind,
            boolean diameter,
            LimitsView limits,
            @Nullable LengthText service,
            @Nullable LengthText starts,
            @Nullable LengthText length,
            List<Long> depths,
            List<SizeStepView> steps,
            @Nullable SizeStepView reworked,
            @Nullable String number,
            VerdictView verdict) {
        FeatureView with(VerdictView now) {
            return new FeatureView(
                    id, key, name, kind, diameter, limits, service, starts, length, depths, steps, reworked, number,
                    now);
        }
    }

    /** @param pm how far from new, with its sign; 0 as new @param text the same as it is said */
    public record SizeStepView(long pm, String text) {}

    /** @param cut what it was kept under */
    public record TakenBackView(UUID cut, String sentence) {}

    /** @param feature its edition of now; absent where the plan no longer has it */
    public record ChangedView(@Nullable Long feature, String sentence) {}

    /**
     * @param name as found, after cut 1 …
     * @param cutId what the cut before this round is kept under; absent as found
     * @param cut what the cut before this round was asked to take and what came off, once that is known
     * @param to the size that it is said to be from this round on; absent where nothing was said in this job
     * @param proposed the step that it is to be reworked to next, by its places; absent where it is not lost, or none serves
     * @param at the place where the walk stands: the first that wants a reading, else the one that a cut is waited for, else the one read last
     * @param envelope what can be said of perfect form at maximum material, where the drawing demands it
     * @param form of the round in force, to be drawn; absent while fewer than two places have a size
     */
    public record RoundView(
            int number,
            String name,
            @Nullable UUID cutId,
            @Nullable CutView cut,
            @Nullable SizeStepView to,
            @Nullable Long proposed,
            List<PlaceView> places,
            long at,
            VerdictView verdict,
            @Nullable String envelope,
            @Nullable FormPictureView form) {}

    /**
     * @param took absent until there is a size on both sides of the cut
     * @param sentence asked 0.205 mm, took 0.198 mm
     */
    public record CutView(
            @Nullable LengthText asked, @Nullable LengthText took, String sentence) {}

    /**
     * @param depthPm down the feature, whole picometres; absent while nobody has said
     * @param state done, more, scattered, unsettled: where the repeats stand
     * @param wants whether the walk asks for a reading here
     * @param value absent while another reading is asked for
     * @param expanded U of the value, of two significant digits; absent without one
     * @param guardPm nearer than this to a limit nothing can be told, whole picometres; absent without a value
     * @param known the value with its U, in words
     * @param risk that it is really outside; absent without a value, and where nobody knows how well it is known
     * @param repeats how far apart they are, and how far honest ones may be
     * @param doubts why something read here is in doubt; none where nothing is
     * @param quick checks with another gauge
     * @param quickAsked whether one is asked for before the place is measured
     * @param skip why it was passed over; absent while it is not
     * @param notes what was said of the place
     * @param next what to do here now
     */
    public record PlaceView(
            long id,
            String name,
            String section,
            String axis,
            @Nullable Long depthPm,
            List<ReadingView> readings,
            int asked,
            String state,
            boolean wants,
            @Nullable LengthText value,
            @Nullable LengthText expanded,
            @Nullable Long guardPm,
            @Nullable String known,
            @Nullable String risk,
            String repeats,
            VerdictView verdict,
            List<DoubtView> doubts,
            List<ReadingView> quick,
            boolean quickAsked,
            @Nullable SaidView skip,
            List<SaidView> notes,
            String next) {}

    /**
     * @param how typed, scale, gauge, simulated, imported or demonstration
     * @param estimated whether a tenth of it was judged between two lines
     * @param struck why it no longer counts; absent while it does
     * @param setting what a comparator stood at when it was read; absent for any other gauge
     * @param notes what was said of it since, and that it was put right
     * @param pins between which two a hole lies; absent for any other gauge
     * @param remark something to look at again: outside the gauge's range, finer than it shows
     */
    public record ReadingView(
            UUID id,
            long seq,
            LengthText size,
            String how,
            boolean estimated,
            List<AddendView> steps,
            String gauge,
            String person,
            Instant takenAt,
            @Nullable SaidView struck,
            List<SaidView> notes,
            @Nullable String setting,
            @Nullable String pins,
            @Nullable String pressed,
            @Nullable String remark) {}

    public record SaidView(String reason, String person, Instant at) {
        static SaidView of(Said said, People people) {
            return new SaidView(said.reason(), people.nameOf(said.person()), said.madeAt());
        }
    }

    /**
     * @param mark which mark is drawn, by the verdict's code: in, metal-left, too-close …
     * @param side on which side of the limits the size lies, or to whose limit it is too close: low, high, or empty
     * @param word the verdict in a word or two
     * @param cut what to take off; absent unless metal is left
     * @param used of the wear that service allows, in whole per cent; absent where no service limit is known
     */
    public record VerdictView(
            String mark,
            String side,
            String word,
            String sentence,
            @Nullable ToCutView cut,
            @Nullable String used) {}

    /**
     * On the size, and on one side of it for a diameter.
     *
     * @param middle to the middle of the limits; absent when one is open
     * @param dial what the machine's dial does to it, in a sentence; empty where it comes to whole divisions by itself
     */
    public record ToCutView(
            LengthText near,
            @Nullable LengthText middle,
            @Nullable LengthText sideNear,
            @Nullable LengthText sideMiddle,
            String dial) {}
}
