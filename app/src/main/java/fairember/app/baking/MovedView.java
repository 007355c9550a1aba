package fairember.app.baking;

import fairember.app.web.AdviceView;
import fairember.core.studio.PlanConstraints;
import java.util.List;

/**
 * What a move would come to.
 *
 * @param breaks what it would break; nothing when it may be
 * @param before the plan's scores as it is
 * @param after its scores with the move
 * @param constraints that would pin it there
 */
record MovedView(
        List<AdviceView> breaks,
        List<DayView.ScoreView> before,
        List<DayView.ScoreView> after,
        PlanConstraints constraints) {}
