package jawread.core.plan;

import jawread.core.limit.FeatureKind;
import jawread.core.walk.Layout;
import jawread.core.walk.WalkOrder;

/**
 * A feature in the words of whoever planned it. Every text may be empty; what is empty is not demanded.
 *
 * @param name as it is called in the shop
 * @param kind the code of a {@link FeatureKind}; where it is empty the name and the limits tell the kind
 * @param round whether its size is a diameter
 * @param limits of a new part, in any form
 * @param service how far it may wear
 * @param outOfRound largest difference of diameters, or {@code round} and a radial zone
 * @param taper largest difference along one axis
 * @param steps oversizes or undersizes it may be reworked to
 * @param grades the size grades such parts are sorted into
 * @param envelope whether the drawing demands perfect form at maximum material
 * @param decisive of a looked-at item: whether "not ok" alone decides against the part
 * @param lies where it lies along the part from its left end, {@code 26-144}; or its length alone
 * @param face the face its depths are taken from
 * @param layout the code of a {@link Layout}
 * @param sections their names and depths, where they differ from the layout's
 * @param axes their names and angles, where they differ from the layout's
 * @param keepClear bands that no contact may stand in
 * @param outOfReach places that cannot be measured, with the reason
 * @param order the code of a {@link WalkOrder}
 * @param contact how far a contact keeps from the edge of such a band, half its width; empty: as the job has it
 * @param number the drawing's own, by which a report names it; may be empty
 * @param together a name that features bear that are reworked to one size, as the bores of a block
 */
public record TypedFeature(
        String name,
        String kind,
        boolean round,
        String limits,
        String service,
        String outOfRound,
        String taper,
        String steps,
        String grades,
        boolean envelope,
        boolean decisive,
        String lies,
        String face,
        String layout,
        String sections,
        String axes,
        String keepClear,
        String outOfReach,
        String order,
        String together,
        String contact,
        String number) {
    public TypedFeature {
        name = tidy(name);
        limits = tidy(limits);
        if (tidy(kind).isEmpty()) {
            FeatureKind likely = KindByName.of(name, limits);
            kind = likely.code();
            round = likely.isUsuallyRound();
        }
        kind = tidy(kind);
        service = tidy(service);
        outOfRound = tidy(outOfRound);
        taper = tidy(taper);
        steps = tidy(steps);
        grades = tidy(grades);
        lies = tidy(lies);
        face = tidy(face);
        layout = tidy(layout);
        sections = tidy(sections);
        axes = tidy(axes);
        keepClear = tidy(keepClear);
        outOfReach = tidy(outOfReach);
        order = tidy(order);
        together = tidy(together);
        contact = tidy(contact);
        number = tidy(number);
    }

    private static String tidy(String text) {
        // A tab or a line end that was pasted along stands for the space it looks like.
        return text == null ? "" : text.replaceAll("\\p{Cntrl}+", " ").strip();
    }

    /** A feature of this name and kind with these limits; all else is left to what is usual. */
    public static TypedFeature of(String name, FeatureKind kind, String limits) {
        return new TypedFeature(
                name,
                kind.code(),
                kind.isUsuallyRound(),
                limits,
                "",
                "",
                "",
                "",
                "",
                false,
                false,
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "");
    }

    /** The texts that may be put otherwise in a copy. */
    private enum Text {
        SERVICE,
        OUT_OF_ROUND,
        TAPER,
        STEPS,
        LIES,
        FACE,
        LAYOUT,
        SECTIONS,
        AXES,
        KEEP_CLEAR,
        TOGETHER,
        CONTACT,
        NUMBER
    }

    private TypedFeature with(Text which, String text) {
        return new TypedFeature(
                name,
                kind,
                round,
                limits,
                which == Text.SERVICE ? text : service,
                which == Text.OUT_OF_ROUND ? text : outOfRound,
                which == Text.TAPER ? text : taper,
                which == Text.STEPS ? text : steps,
                grades,
                envelope,
                decisive,
                which == Text.LIES ? text : lies,
                which == Text.FACE ? text : face,
                which == Text.LAYOUT ? text : layout,
                which == Text.SECTIONS ? text : sections,
                which == Text.AXES ? text : axes,
                which == Text.KEEP_CLEAR ? text : keepClear,
                outOfReach,
                order,
                which == Text.TOGETHER ? text : together,
                which == Text.CONTACT ? text : contact,
                which == Text.NUMBER ? text : number);
    }

    public TypedFeature withLies(String text) {
        return with(Text.LIES, text);
    }

    public TypedFeature withLayout(Layout of) {
        return with(Text.LAYOUT, of.code());
    }

    /** Sections and axes of its own. */
    public TypedFeature withFree(String ownSections, String ownAxes) {
        return withLayout(Layout.FREE).with(Text.SECTIONS, ownSections).with(Text.AXES, ownAxes);
    }

    public TypedFeature withKeepClear(String bands, String fromFace) {
        return with(Text.KEEP_CLEAR, bands).with(Text.FACE, fromFace);
    }

    public TypedFeature withWear(String serviceLimit, String reworkSteps) {
        return with(Text.SERVICE, serviceLimit).with(Text.STEPS, reworkSteps);
    }

    /** The same, with how far a contact keeps from the edge of a band where nobody has said. */
    public TypedFeature keepingClearBy(String usual) {
        return contact.isEmpty() && !keepClear.isEmpty() ? with(Text.CONTACT, usual) : this;
    }

    /** Reworked to one size with whatever bears the same name. */
    public TypedFeature withTogether(String name) {
        return with(Text.TOGETHER, name);
    }

    /** The drawing's own number of it. */
    public TypedFeature withNumber(String onDrawing) {
        return with(Text.NUMBER, onDrawing);
    }

    public TypedFeature withForm(String roundLimit, String taperLimit) {
        return with(Text.OUT_OF_ROUND, roundLimit).with(Text.TAPER, taperLimit);
    }

    /** A looked-at item that alone decides against the part. */
    public static TypedFeature decisive(String name) {
        return new TypedFeature(
                name,
                FeatureKind.LOOKED_AT.code(),
                false,
                "",
                "",
                "",
                "",
                "",
                "",
                false,
                true,
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "",
                "");
    }
}
