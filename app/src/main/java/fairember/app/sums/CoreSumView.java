package fairember.app.sums;

import fairember.app.web.AdviceView;
import fairember.app.web.WorkingsView;
import fairember.core.shape.SolidDescription;
import java.util.List;

/** A sized core with its measures. */
record CoreSumView(
        SolidDescription shape,
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
