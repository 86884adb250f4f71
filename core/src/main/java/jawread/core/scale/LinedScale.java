package jawread.core.scale;

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
