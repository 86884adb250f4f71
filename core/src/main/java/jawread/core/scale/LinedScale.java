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
     * What is printed at the n-th figure. An inch head numbers its tenths and begins anew at each inch; an inch slide numbers
     * its tenths and prints the inch itself at each inch; a metric slide counts centimetres, a metric head millimetres.
     */
    String figure(int n);

    /** Of a slide in inches. */
    static String inchFigure(int n, int figuresAnInch) {
        return String.valueOf(n % figuresAnInch == 0 ? n / figuresAnInch : n % figuresAnInch);
    }
}
