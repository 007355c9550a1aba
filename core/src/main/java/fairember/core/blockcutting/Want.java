package fairember.core.blockcutting;

import fairember.core.input.Span;

/**
 * Equal pieces that are wanted.
 *
 * @param name what they are for
 * @param size of one, above 0, in the unit of the sticks
 * @param count how many, 1 to 5000
 */
public record Want(String name, double size, int count) {
    public static final Span SIZE = Span.of("size", "size", 0.001, 1e6, "");
    public static final Span COUNT = Span.count("count", "pieces", 1, 5000);

    public Want {
        SIZE.check(size);
        COUNT.check(count);
    }
}
