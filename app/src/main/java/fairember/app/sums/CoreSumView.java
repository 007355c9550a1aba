package fairember.app.sums;

import fairember.app.design.ShapeForm;
import fairember.app.web.AdviceView;
import fairember.app.web.WorkingsView;
import java.util.List;

/** A sized core with its measures. */
record CoreSumView(
        ShapeForm shape,
        double clayMm3,
        double claySavedMm3,
        double foilG,
        double foilMm2,
        double tornMm,
        int vents,
        int lobes,
        boolean exact,
        double thinnestMm,
        double thickestMm,
        List<AdviceView> advice,
        WorkingsView outerWorkings,
        WorkingsView workings) {}
