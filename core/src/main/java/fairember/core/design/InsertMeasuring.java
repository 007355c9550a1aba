package fairember.core.design;

import fairember.core.advice.Advice;
import fairember.core.foilcore.FoilRoll;
import fairember.core.foilcore.Sleeve;
import fairember.core.input.Figures;
import fairember.core.quantity.Length;
import fairember.core.shape.Band;
import java.util.ArrayList;
import java.util.List;

/** Works out the sleeves of inserts. */
final class InsertMeasuring {
    /** A wrapped band this much narrower than the sleeve does not go round it. */
    private static final double TIGHT_MM = 0.2;
    /** A wrapped band this near in size is taken to go round the insert. */
    private static final double NEAR_MM = 3;

    private InsertMeasuring() {}

    static MeasuredInsert measure(Insert insert, List<Part> parts, FoilRoll roll) {
        Sleeve sleeve =
                Sleeve.size(insert.thick(), insert.covered(), insert.turns(), insert.sheet(), insert.seam(), roll);
        List<Advice> advice = new ArrayList<>();
        for (Part part : parts) {
            if (part.shape() instanceof Band band) {
                double short0 = sleeve.outer().mm() - band.around().mm();
                if (short0 > TIGHT_MM && short0 < NEAR_MM) {
                    advice.add(Advice.caution(
                            "band-tight",
                            "%s is wrapped around %s, but %s with its foil is %s."
                                    .formatted(part.name(), mm(band.around()), insert.name(), mm(sleeve.outer())),
                            "Wrap it around %s, or use fewer turns of foil.".formatted(mm(sleeve.outer())),
                            part.name(),
                            insert.name()));
                }
            }
        }
        if (insert.covered().compareTo(insert.length()) > 0) {
            advice.add(Advice.caution(
                    "insert-short",
                    "%s is %s long, but %s of it is covered."
                            .formatted(insert.name(), mm(insert.length()), mm(insert.covered())),
                    "Check its two lengths.",
                    insert.name()));
        }
        return new MeasuredInsert(insert, sleeve, advice);
    }

    private static String mm(Length length) {
        return Figures.show(Math.round(length.mm() * 100) / 100.0, "mm");
    }
}
