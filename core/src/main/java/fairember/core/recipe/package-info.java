/**
 * Start at {@link fairember.core.recipe.RecipeFinding#find}: the recipes in small whole parts that come nearest to a colour, by
 * trying every one of them.
 */
@NullMarked
package fairember.core.recipe;

import org.jspecify.annotations.NullMarked;
