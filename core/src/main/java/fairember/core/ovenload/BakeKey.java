package fairember.core.ovenload;

/** What a bake is known by in a problem of loads: equal keys are one bake, and they have an order, so that plans are alike. */
public interface BakeKey extends Comparable<BakeKey> {
    /** What it is called in a message. */
    String words();

    @Override
    default int compareTo(BakeKey other) {
        return words().compareTo(other.words());
    }

    /** A key by a name. */
    record Named(String words) implements BakeKey {}

    /** The key of this name. */
    static BakeKey of(String name) {
        return new Named(name);
    }
}
