package fairember.core.colour;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the difference of two colours comes about. */
public final class ColourDifferenceWorkings {
    private ColourDifferenceWorkings() {}

    public static Workings of(ColourDifference difference) {
        Lab from = difference.from();
        Lab to = difference.to();
        double mean = (from.l() + to.l()) / 2;
        return Workings.of("How different the two colours look (CIEDE2000)")
                .given("L1", "lightness of the one", from.l(), "", Source.WORKED)
                .given("L2", "lightness of the other", to.l(), "", Source.WORKED)
                .worked("m", "mean lightness", mean, "", "(L1 + L2)/2")
                .worked(
                        "S",
                        "scale of lightness",
                        ColourDifference.lightnessScale(mean),
                        "",
                        "1 + 0.015·(m − 50)²/√(20 + (m − 50)²)")
                .worked("l", "lighter", difference.lightness(), "", "(L2 − L1)/S")
                .given("q", "stronger", difference.chroma(), "", Source.WORKED)
                .given("h", "other hue", difference.hue(), "", Source.WORKED)
                .given("r", "rotation among blues", difference.rotation(), "", Source.WORKED)
                .worked("d", "difference", difference.total(), "", "√(max(0, l² + q² + h² + r·q·h))")
                .done();
    }
}
