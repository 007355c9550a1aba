package fairember.core.piece;

import fairember.core.bake.BakeNeed;
import fairember.core.shape.Box;

/**
 * A stage bake with its sums.
 *
 * @param stage as it was told
 * @param need of the oven
 * @param unit box of one thing on the tray
 * @param unitsEach things on the tray for one piece: 1, or the loose parts of the stage
 */
public record MeasuredStage(Stage stage, BakeNeed need, Box unit, int unitsEach) {}
