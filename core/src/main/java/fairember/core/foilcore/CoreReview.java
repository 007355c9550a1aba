package fairember.core.foilcore;

import fairember.core.finding.Finding;
import fairember.core.measure.Figures;
import fairember.core.measure.Length;
import fairember.core.shape.Inset;
import fairember.core.shape.Solid;
import java.util.ArrayList;
import java.util.List;

/** What the rules say of a core, and of a part without one. */
public final class CoreReview {
    /** Under this much clay the foil may show through or the shell tears. */
    public static final Length LEAST_SHELL = new Length(2.5);
    /** Parts smaller than this gain little from a core. */
    public static final Length SMALLEST_WORTH = new Length(18);
    /** A core thinner than this is fiddly to press. */
    private static final Length SMALLEST_CORE = new Length(5);
    /** A core that takes up less of the part than this saves hardly any clay. */
    private static final double LEAST_SHARE = 0.05;

    private CoreReview() {}

    static List<Finding> of(String part, Solid outer, CoreSpec spec, Inset inset, Length greatest) {
        List<Finding> findings = new ArrayList<>();
        Length thinnest = inset.thinnest();
        Length thickest = inset.thickest().diameter();
        if (thinnest.compareTo(LEAST_SHELL) < 0) {
            String found = inset.exact()
                    ? "shell " + mm(thinnest)
                    : "a shell of %s is %s at its thinnest, which".formatted(mm(spec.shell()), mm(thinnest));
            findings.add(Finding.warns(
                    "shell-thin",
                    "%s: %s is under %s, where foil shows or the shell tears.".formatted(part, found, mm(LEAST_SHELL)),
                    "Make the shell %s or more.".formatted(mm(LEAST_SHELL)),
                    part));
        }
        if (thickest.compareTo(greatest) > 0) {
            findings.add(Finding.breaks(
                    "shell-thick",
                    "%s: the shell is %s at its thickest, over %s, the thickest this clay cures through."
                            .formatted(part, mm(thickest), mm(greatest)),
                    "Make the shell thinner, or bake in two stages.",
                    part));
        }
        Length core = inset.cores().get(0).solid().box().shortest();
        double share = inset.volume().mm3() / outer.volume().mm3();
        if (outer.box().shortest().compareTo(SMALLEST_WORTH) >= 0
                && (core.compareTo(SMALLEST_CORE) < 0 || share < LEAST_SHARE)) {
            findings.add(Finding.warns(
                    "core-pointless",
                    "%s: a core of %s saves only %s %% of the clay."
                            .formatted(part, mm(core), Figures.show(Math.round(share * 1000) / 10.0)),
                    "Make the shell thinner, or leave this part solid.",
                    part));
        }
        if (outer.box().shortest().compareTo(SMALLEST_WORTH) < 0) {
            findings.add(Finding.warns(
                    "core-small",
                    "%s: %s across is under %s, where a core is hardly worth its trouble."
                            .formatted(part, mm(outer.box().shortest()), mm(SMALLEST_WORTH)),
                    "Leave this one solid unless weight matters.",
                    part));
        }
        if (!inset.exact()) {
            findings.add(Finding.keeps(
                    "shell-uneven",
                    "%s: the core follows the shape nearly; the shell is %s at its thickest and %s at its thinnest."
                            .formatted(part, mm(thickest), mm(thinnest)),
                    part));
        }
        return findings;
    }

    /**
     * What the rules say of a part left solid: nothing, or that it wants a core; a part too small for one wants a longer bake.
     *
     * @param outline the part's shortest side
     */
    public static List<Finding> ofSolid(String part, Length outline, Length thickest, Length greatest) {
        if (thickest.compareTo(greatest) <= 0) {
            return List.of();
        }
        if (outline.compareTo(SMALLEST_WORTH) < 0) {
            return List.of(Finding.warns(
                    "bake-longer",
                    "%s: %s thick is over %s, the thickest this clay's packet counts with, and too small for a core."
                            .formatted(part, mm(thickest), mm(greatest)),
                    "Bake it longer, until its middle is hot too: the bakes of this piece say how long.",
                    part));
        }
        return List.of(Finding.breaks(
                "core-wanted",
                "%s: %s thick is over %s, the thickest this clay cures through."
                        .formatted(part, mm(thickest), mm(greatest)),
                "Give it a foil core, or build it in stages.",
                part));
    }

    private static String mm(Length length) {
        return Figures.show(Math.round(length.mm() * 10) / 10.0, "mm");
    }
}
