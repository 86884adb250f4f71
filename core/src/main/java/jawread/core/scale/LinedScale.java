package jawread.core.scale;

import java.util.List;
import jawread.core.length.Length;

/** A scale with coarse lines and printed figures, split by something finer: a slide, a dial slide, a thimble head. */
public sealed interface LinedScale extends Scale permits VernierSlide, DialSlide, Thimble {
    /** One division of the coarse part: m, b or s. */
    Length coarse();

    /** Coarse divisions from one printed figure to the next. */
    int figureEvery();

    /** Coarse divisions there are: a head's travel, a slide's usual length. */
    int reach();

    /** The same scale on a gauge that is longer or shorter. */
    LinedScale reaching(int coarseDivisions);

    /** The looks at the beam of a slide: in inches the inch, its tenth and the lines after it; else the millimetres. */
    static List<Glance> ofBeam(LinedScale slide) {
        String part = slide.parts().get(0).name();
        if (!slide.unit().isInch()) {
            return List.of(new Glance(Glance.MILLIMETRES, part, 1, 0, ScalePart.NO_END, slide.coarse(), false));
        }
        int anInch = (int) (slide.unit().whole().picometres() / slide.coarse().picometres());
        int every = slide.figureEvery();
        var inches = new Glance(
                Glance.INCHES, part, anInch, 0, ScalePart.NO_END, slide.unit().whole(), false);
        if (every == anInch) {
            return List.of(inches, new Glance(Glance.SIXTEENTHS, part, 1, 0, anInch - 1, slide.coarse(), false));
        }
        var tenth = new Glance(
                every == 1 ? Glance.TENTH : Glance.FIGURE,
                part,
                every,
                0,
                anInch / every - 1,
                slide.figureStep(),
                false);
        return every == 1
                ? List.of(inches, tenth)
                : List.of(inches, tenth, new Glance(Glance.LINES, part, 1, 0, every - 1, slide.coarse(), false));
    }

    /** From one printed figure to the next. */
    default Length figureStep() {
        return coarse().times(figureEvery());
    }

    /**
     * What is printed at the n-th figure of a slide: in inches the tenths, and the inch itself at each inch, where they begin
     * anew; else the centimetres, counted through. A head prints its own way.
     */
    default String figure(int n) {
        if (!unit().isInch()) {
            return String.valueOf(n);
        }
        int figuresAnInch = (int) (unit().whole().picometres() / figureStep().picometres());
        return String.valueOf(n % figuresAnInch == 0 ? n / figuresAnInch : n % figuresAnInch);
    }
}
