package fairember.app.baking;

import fairember.app.oven.WishesForm;
import fairember.app.web.FindingView;
import java.util.List;

/**
 * What a move would come to.
 *
 * @param breaks what it would break; nothing when it may be
 * @param before the plan's scores as it is
 * @param after its scores with the move
 * @param wishes that would hold it so
 */
record MovedView(
        List<FindingView> breaks, List<DayView.ScoreView> before, List<DayView.ScoreView> after, WishesForm wishes) {}
