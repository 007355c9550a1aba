package fairember.core.design;

import fairember.core.quantity.Minutes;
import java.util.ArrayList;
import java.util.List;

/**
 * Steps to begin with for each kind of product, in the order makers work: a place to start from, with minutes that are guesses until a
 * daybook tells better.
 */
public final class ReadySteps {
    private final List<Step> steps = new ArrayList<>();
    private final Design design;

    private ReadySteps(Design design) {
        this.design = design;
    }

    /** The steps of a design of its kind; what it has no core, wire or finding for is left out. */
    public static List<Step> of(Design design) {
        ReadySteps ready = new ReadySteps(design);
        ready.before();
        ready.after();
        return List.copyOf(ready.steps);
    }

    private void before() {
        if (design.parts().stream().anyMatch(part -> part.core() != null)) {
            raw("press cores", Station.CORES, StepKind.OTHER, 4, 2);
        }
        if (!design.armature().wires().isEmpty()) {
            raw("cut and bend wires", Station.CORES, StepKind.OTHER, 5, 1.5);
        }
        if (!design.armature().inserts().isEmpty()) {
            raw("wrap sleeves", Station.CORES, StepKind.OTHER, 3, 2);
        }
        raw("condition and mix, light to dark", Station.MIX, StepKind.OTHER, 10, 0);
        raw("weigh out", Station.WEIGH_OUT, StepKind.OTHER, 2, 1.5);
        switch (design.kind()) {
            case EARRINGS -> {
                raw("roll and decorate the slab", Station.SHAPE, StepKind.OTHER, 10, 1);
                raw("cut out pairs", Station.SHAPE, StepKind.OTHER, 2, 1);
                raw("pierce holes", Station.SHAPE, StepKind.PIERCE, 1, 0.5);
                raw("appliqué and relief", Station.SHAPE, StepKind.RELIEF, 2, 2);
            }
            case CHARM -> {
                raw("shape", Station.SHAPE, StepKind.OTHER, 3, 4);
                raw("details", Station.SHAPE, StepKind.OTHER, 2, 2);
                raw("pierce or set the eye pin", Station.SHAPE, StepKind.PIERCE, 1, 0.5);
            }
            case ORNAMENT, SET_PIECE, FIGURINE, TOPPER -> {
                raw("cover and shape", Station.SHAPE, StepKind.OTHER, 3, 5);
                raw("join with bake-set adhesive and blend", Station.SHAPE, StepKind.OTHER, 3, 3);
                raw("details", Station.SHAPE, StepKind.OTHER, 3, 4);
                raw("prick vents", Station.SHAPE, StepKind.VENT, 0, 0.3);
            }
        }
        raw("maker’s mark", Station.SHAPE, StepKind.SIGN, 1, 0.3);
    }

    private void after() {
        if (!design.armature().inserts().isEmpty()) {
            cured("pull sleeves", Station.FINISH, StepKind.PULL, 1, 0.5);
        }
        cured("wet-sand", Station.FINISH, StepKind.SAND, 3, 2);
        if (design.kind() == DesignKind.EARRINGS) {
            cured("buff", Station.FINISH, StepKind.BUFF, 1, 1);
        } else {
            cured("varnish", Station.FINISH, StepKind.VARNISH, 2, 1);
        }
        if (!design.fittings().isEmpty() || design.kind() == DesignKind.EARRINGS || design.kind() == DesignKind.CHARM) {
            cured("fit findings", Station.FIT, StepKind.OTHER, 2, 1);
        }
        cured("look over and pack", Station.FIT, StepKind.OTHER, 2, 1);
    }

    private void raw(String name, Station station, StepKind kind, double setup, double each) {
        add(name, station, kind, setup, each, 0);
    }

    /** After the last bake of the whole piece. */
    private void cured(String name, Station station, StepKind kind, double setup, double each) {
        add(name, station, kind, setup, each, design.tree().bakes(0).size());
    }

    private void add(String name, Station station, StepKind kind, double setup, double each, int bake) {
        steps.add(new Step(name, station, new Minutes(setup), new Minutes(each), kind, new BuildPoint(0, bake)));
    }
}
