package fairember.core.claysheet;

import fairember.core.workings.Source;
import fairember.core.workings.Workings;

/** How the slices of a cane come about. */
public final class ReducedCaneWorkings {
    private ReducedCaneWorkings() {}

    public static Workings of(ReducedCane reduced) {
        Cane cane = reduced.cane();
        Workings.Steps steps = Workings.of("Slices of the cane");
        StringBuilder squares = new StringBuilder();
        for (int i = 1; i <= cane.rods().size(); i++) {
            Cane.Rods rods = cane.rods().get(i - 1);
            steps.given("n" + i, "rods of " + rods.name(), rods.count(), "", Source.ENTERED);
            steps.given("d" + i, "their diameter", rods.diameter().mm(), "mm", Source.ENTERED);
            squares.append(i == 1 ? "" : " + ").append("n%d·d%d²".formatted(i, i));
        }
        double wraps = cane.wraps().stream().mapToDouble(w -> w.thick().mm()).sum();
        steps.given("w", "all wraps", wraps, "mm", Source.ENTERED);
        steps.given("L", "packed length", cane.length().mm(), "mm", Source.ENTERED);
        steps.given("s", "reduced size", cane.size().mm(), "mm", Source.ENTERED);
        steps.given("z", "waste at each end", cane.endWaste().mm(), "mm", Source.ENTERED);
        steps.given("t", "slice", cane.slice().mm(), "mm", Source.ENTERED);
        steps.worked("P", "diameter of the pressed rods", reduced.packed().mm(), "mm", "√(" + squares + ")");
        steps.worked("D", "wrapped", reduced.wrapped().mm(), "mm", "P + 2·w");
        steps.worked("B", "before reducing", reduced.before().mm(), "mm", cane.square() ? "D·√(π)/2" : "D");
        steps.worked("R", "length reduced", reduced.reduced().mm(), "mm", "L·B²/s²");
        steps.worked("N", "whole slices", reduced.slices(), "", "max(0, floor((R − 2·z)/t))");
        steps.worked("A", "area of a slice", reduced.sliceArea(), "mm²", cane.square() ? "s²" : "π·s²/4");
        steps.worked("C", "area covered", reduced.covers(), "mm²", "N·A");
        return steps.done();
    }
}
