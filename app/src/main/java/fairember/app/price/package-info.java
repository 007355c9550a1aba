/** Start at {@link fairember.app.price.PriceController}: cost and price of a design at several batch sizes. */
@NullMarked
package fairember.app.price;

import org.jspecify.annotations.NullMarked;
