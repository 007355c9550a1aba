package fairember.core.colour;

/** Which colour of a clay is meant: before or after baking. */
public enum Face {
    RAW,
    CURED
}
