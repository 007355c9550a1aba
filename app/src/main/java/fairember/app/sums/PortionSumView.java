package fairember.app.sums;

import fairember.app.web.WorkingsView;

/** Grams and ball of a portion. */
record PortionSumView(double massG, double ballMm, WorkingsView workings) {}
