package fairember.core.shape;

import fairember.core.input.Span;

/** What the dimensions of a shape may be. Every one is a true measure of the finished clay, in mm. */
final class Dimensions {
    static final Span DIAMETER = Span.of("diameterMm", "diameter", 0.5, 400, "mm");
    static final Span LENGTH = Span.of("lengthMm", "length", 0.5, 400, "mm");
    static final Span WIDTH = Span.of("widthMm", "width", 0.5, 400, "mm");
    static final Span DEPTH = Span.of("depthMm", "depth", 0.5, 400, "mm");
    static final Span HEIGHT = Span.of("heightMm", "height", 0.5, 400, "mm");
    static final Span THICKNESS = Span.of("thicknessMm", "thickness", 0.2, 50, "mm");
    static final Span BOTTOM = Span.of("bottomMm", "bottom diameter", 0, 400, "mm");
    static final Span TOP = Span.of("topMm", "top diameter", 0, 400, "mm");
    static final Span WIDEST_AT = Span.of("widestAtMm", "height of its widest point", 0.25, 200, "mm");
    static final Span PRESSED = Span.of("pressedMm", "pressed flat by", 0.1, 200, "mm");
    static final Span OUTER = Span.of("outerMm", "outer diameter", 1, 400, "mm");
    static final Span TUBE = Span.of("tubeMm", "tube", 0.5, 200, "mm");
    static final Span CORD_THICK = Span.of("cordMm", "cord", 0.3, 50, "mm");
    static final Span WINDING = Span.of("windingMm", "diameter of the winding", 0.5, 400, "mm");
    static final Span TURNS = Span.of("turns", "turns", 0.25, 60, "");
    static final Span PITCH = Span.of("pitchMm", "pitch", 0.3, 100, "mm");
    static final Span STRIP = Span.of("stripMm", "width of the strip", 0.3, 200, "mm");
    static final Span SQUARENESS = Span.of("squareness", "squareness (2 is round)", 1, 20, "");
    static final Span STRANDS = Span.count("strands", "number of cords", 2, 8);
    static final Span PIECES = Span.count("pieces", "pieces the disc is cut into", 2, 24);
    static final Span AROUND = Span.of("aroundMm", "diameter it is wrapped around", 0.5, 400, "mm");

    private Dimensions() {}
}
