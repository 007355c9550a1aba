package fairember.app.sums;

import fairember.app.design.MeasuredPartView;
import fairember.app.web.WorkingsView;
import org.jspecify.annotations.Nullable;

/**
 * Grams and ball of a portion, and a cord that suits it; the equal cord when it was asked for, and a share of a block when one that
 * a hand can cut is near enough.
 */
record PortionSumView(
        double massG,
        double ballMm,
        @Nullable Double cordMm,
        MeasuredPartView.CordCutView cut,
        MeasuredPartView.@Nullable ShareView share,
        WorkingsView workings) {}
