package fairember.core.foilcore;

import fairember.core.finding.Finding;
import fairember.core.measure.Area;
import fairember.core.measure.Length;
import fairember.core.measure.Mass;
import fairember.core.measure.Volume;
import fairember.core.shape.InnerBall;
import fairember.core.shape.Solid;
import java.util.List;

/**
 * A foil core sized for its part. The core stands one shell above the part's base, on its axis.
 *
 * @param outer the part
 * @param spec what was asked
 * @param inner the core
 * @param clay of the shell
 * @param claySaved against the solid part
 * @param foil mass of foil
 * @param foilArea the foil spread out
 * @param torn length to tear off the roll
 * @param thinnest least clay over the foil
 * @param thickest the largest ball that fits in the clay
 * @param findings what the rules say of it
 */
public record SizedCore(
        Solid outer,
        CoreSpec spec,
        Solid inner,
        Volume clay,
        Volume claySaved,
        Mass foil,
        Area foilArea,
        Length torn,
        Length thinnest,
        InnerBall thickest,
        List<Finding> findings) {
    public SizedCore {
        findings = List.copyOf(findings);
    }
}
