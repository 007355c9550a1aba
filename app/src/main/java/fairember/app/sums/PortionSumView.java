package fairember.app.sums;

import fairember.app.piece.MeasuredPartView;
import fairember.app.web.WorkingsView;
import org.jspecify.annotations.Nullable;

/** Grams and ball of a portion; the equal cord and the nearest share of a block when they were asked for. */
record PortionSumView(
        double massG,
        double ballMm,
        @Nullable Double cordMm,
        MeasuredPartView.@Nullable ShareView share,
        WorkingsView workings) {}
