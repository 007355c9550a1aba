/**
 * Start at {@link fairember.core.design.DesignMeasuring#measure}: a design is a list of parts with their places, its stage
 * bakes, its steps and its findings; measuring it gives every portion, core, weight, box and need of the oven.
 */
@NullMarked
package fairember.core.design;

import org.jspecify.annotations.NullMarked;
