/** Start at {@link fairember.app.baking.BakingController}: the oven's days, and loads that go in and come out. */
@NullMarked
package fairember.app.baking;

import org.jspecify.annotations.NullMarked;
