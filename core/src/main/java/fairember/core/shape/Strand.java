package fairember.core.shape;

import fairember.core.quantity.Area;
import fairember.core.quantity.Length;
import fairember.core.quantity.Volume;

/** A cord of one thickness, laid or wound; its volume is the cord's section times its centre line. It takes no core. */
public sealed interface Strand extends Solid permits Cord, Coil, LineCord, Mat, Twist {
    /** Thickness of one cord. */
    Length cord();

    /** How many cords there are side by side. */
    default int strands() {
        return 1;
    }

    /** Centre line of one cord. */
    Length centreLine();

    @Override
    default Volume volume() {
        double d = cord().mm();
        return new Volume(strands() * Math.PI * d * d / 4 * centreLine().mm());
    }

    @Override
    default Area surface() {
        double d = cord().mm();
        return new Area(strands() * Math.PI * (d * centreLine().mm() + d * d / 2));
    }
}
