package fairember.core.blockcutting;

/**
 * Something to cut from: a block of a number of grams, a coil of a number of mm.
 *
 * @param name what it is called
 * @param size above 0, in the unit of what is cut from it
 */
public record Stick(String name, double size) {
    public Stick {
        Want.SIZE.check(size);
    }
}
