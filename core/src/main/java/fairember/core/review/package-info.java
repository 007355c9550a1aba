/** Start at {@link fairember.core.review.BatchReview#of}: what a batch was planned to take, and what it took. */
@NullMarked
package fairember.core.review;

import org.jspecify.annotations.NullMarked;
