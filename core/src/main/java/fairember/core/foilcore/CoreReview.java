package fairember.core.foilcore;

import fairember.core.advice.Advice;
import fairember.core.input.Figures;
import fairember.core.quantity.Length;
import fairember.core.shape.Inset;
import fairember.core.shape.Solid;
import java.util.ArrayList;
import java.util.List;

/** What the rules say of a core, and of a part without one. */
public final class CoreReview {
    /** Under this much clay the foil may show through or the shell tears. */
    public static final Length LEAST_SHELL = new Length(2.5);
    /** Parts smaller than this gain little from a core. */
    public static final Length SMALLEST_USEFUL = new Length(18);
    /** A core thinner than this is fiddly to press. */
    private static final Length SMALLEST_CORE = new Length(5);
    /** A core that takes up less of the part than this saves hardly any clay. */
    private static final double LEAST_SHARE = 0.05;

    private CoreReview() {}

    static List<Advice> of(String part, Solid outer, CoreSpec spec, Inset inset, Length greatest) {
        List<Advice> advice = new ArrayList<>();
        Length thinnest = inset.thinnest();
        Length thickest = inset.thickest().diameter();
        if (thinnest.compareTo(LEAST_SHELL) < 0) {
            String found = inset.exact()
                    ? "shell " + mm(thinnest)
                    : "a shell of %s is %s at its thinnest, which".formatted(mm(spec.shell()), mm(thinnest));
            advice.add(Advice.caution(
                    "shell-thin",
                    "%s: %s is under %s, where foil shows through or the shell tears."
                            .formatted(part, found, mm(LEAST_SHELL)),
                    "Make the shell %s or more.".formatted(mm(LEAST_SHELL)),
                    part));
        }
        if (thickest.compareTo(greatest) > 0) {
            advice.add(Advice.stop(
                    "shell-thick",
                    "%s: the shell is %s at its thickest, over %s, the thickest section this clay cures through."
                            .formatted(part, mm(thickest), mm(greatest)),
                    "Make the shell thinner, or bake in two stages.",
                    part));
        }
        Length core = inset.cores().get(0).solid().box().shortest();
        double share = inset.volume().mm3() / outer.volume().mm3();
        if (outer.box().shortest().compareTo(SMALLEST_USEFUL) >= 0
                && (core.compareTo(SMALLEST_CORE) < 0 || share < LEAST_SHARE)) {
            advice.add(Advice.caution(
                    "core-pointless",
                    "%s: a core of %s saves only %s %% of the clay."
                            .formatted(part, mm(core), Figures.show(Math.round(share * 1000) / 10.0)),
                    "Make the shell thinner, or leave this part solid.",
                    part));
        }
        if (outer.box().shortest().compareTo(SMALLEST_USEFUL) < 0) {
            advice.add(Advice.caution(
                    "core-small",
                    "%s: %s across is under %s, where a core is hardly worth the trouble."
                            .formatted(part, mm(outer.box().shortest()), mm(SMALLEST_USEFUL)),
                    "Leave this one solid unless weight matters.",
                    part));
        }
        if (!inset.exact()) {
            advice.add(Advice.tip(
                    "shell-uneven",
                    "%s: the core follows the shape closely; the shell is %s at its thickest and %s at its thinnest."
                            .formatted(part, mm(thickest), mm(thinnest)),
                    part));
        }
        return advice;
    }

    /**
     * What the rules say of a part left solid: nothing, or that it wants a core; a part too small for one wants a longer bake.
     *
     * @param outline the part's shortest side
     */
    public static List<Advice> ofSolid(String part, Length outline, Length thickest, Length greatest) {
        if (thickest.compareTo(greatest) <= 0) {
            return List.of();
        }
        if (outline.compareTo(SMALLEST_USEFUL) < 0) {
            return List.of(Advice.caution(
                    "bake-longer",
                    "%s: %s thick is over %s, the thickest section on this clay's packet, and too small for a core."
                            .formatted(part, mm(thickest), mm(greatest)),
                    "Bake it until its middle is hot too: the bakes of this design show how long.",
                    part));
        }
        return List.of(Advice.stop(
                "core-wanted",
                "%s: %s thick is over %s, the thickest section this clay cures through."
                        .formatted(part, mm(thickest), mm(greatest)),
                "Give it a foil core, or build it in stages.",
                part));
    }

    /**
     * What the rules say of raw parts that are one lump.
     *
     * @param parts that it is of, in words
     */
    public static List<Advice> ofLump(String about, String parts, Length thickest, Length greatest) {
        if (thickest.compareTo(greatest) <= 0) {
            return List.of();
        }
        return List.of(Advice.stop(
                "lump-thick",
                "%s: %s are raw and together %s thick, over %s, the thickest section this clay cures through."
                        .formatted(about, parts, mm(thickest), mm(greatest)),
                "Bake one of them first, or give it a foil core.",
                about));
    }

    private static String mm(Length length) {
        return Figures.show(Math.round(length.mm() * 10) / 10.0, "mm");
    }
}
