package fairember.core.colour;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** How the raw colour of a mix comes about, worked at one of its 36 bands; the others go the same way. */
public final class MixedColourWorkings {
    private static final int BAND = 17;

    private MixedColourWorkings() {}

    public static Workings of(MixedColour mix) {
        double nm = Spectra.FIRST_NM + BAND * Spectra.STEP_NM;
        Workings.Steps steps = Workings.of("Raw colour at %.0f nm; the other bands work the same way".formatted(nm));
        List<MixPart> parts = mix.parts();
        for (int i = 0; i < parts.size(); i++) {
            Pigment pigment = parts.get(i).pigment();
            String name = parts.get(i).name();
            steps.given("p" + (i + 1), name, parts.get(i).parts(), "parts", Source.ENTERED);
            steps.given(
                    "t" + (i + 1), name + ", scattering", pigment.scattering(), "", known(pigment, Source.CONSTANT));
            double swatch = pigment.spectrum(Face.RAW).band(BAND);
            steps.given("R" + (i + 1), name + ", reflectance", swatch, "", known(pigment, Source.ENTERED));
        }
        steps.given("r0", "light reflected at the surface", Colorant.SURFACE, "", Source.CONSTANT);
        for (int i = 1; i <= parts.size(); i++) {
            double r = Colorant.SURFACE + (1 - Colorant.SURFACE) * swatch(parts.get(i - 1));
            steps.worked("r" + i, "reflectance inside the surface", r, "", "r0 + (1 − r0)·R" + i);
            double q = Colorant.absorption(swatch(parts.get(i - 1)));
            steps.worked("Q" + i, "absorption over scattering", q, "", "(1 − r%d)²/(2·r%d)".formatted(i, i));
        }
        return finish(steps, mix).done();
    }

    private static Source known(Pigment pigment, Source unlearned) {
        return pigment.habit().equals(Habit.NONE) ? unlearned : Source.LEARNED;
    }

    private static Workings.Steps finish(Workings.Steps steps, MixedColour mix) {
        double over = mix.weights().stream().mapToDouble(Double::doubleValue).sum();
        double q = 0;
        for (int i = 0; i < mix.parts().size(); i++) {
            q += mix.weights().get(i) * Colorant.absorption(swatch(mix.parts().get(i))) / over;
        }
        int n = mix.parts().size();
        return steps.worked(
                        "q",
                        "absorption over scattering of the mix",
                        q,
                        "",
                        "(%s)/(%s)".formatted(sum("p%d·t%d·Q%d", n), sum("p%d·t%d", n)))
                .worked(
                        "r",
                        "reflectance of the mix inside the surface",
                        1 + q - Math.sqrt(q * (q + 2)),
                        "",
                        "1 + q − √(q·(q + 2))")
                .worked(
                        "R",
                        "reflectance of the mix",
                        mix.raw().spectrum().band(BAND),
                        "",
                        "max(0, (r − r0)/(1 − r0))");
    }

    private static double swatch(MixPart part) {
        return part.pigment().spectrum(Face.RAW).band(BAND);
    }

    private static String sum(String term, int n) {
        return IntStream.rangeClosed(1, n)
                .mapToObj(i -> term.replace("%d", Integer.toString(i)))
                .collect(Collectors.joining(" + "));
    }
}
