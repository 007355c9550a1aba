package fairember.core.design;

/** Something with a place in a design. */
interface Body {
    /** The box around it: least across, front and up, then greatest, mm. */
    double[] reach();

    /** Whether a point of the design lies within it, as far as its outside goes; mm. */
    boolean outer(double across, double front, double up);
}
