package fairember.core.design;

import fairember.core.quantity.Length;
import fairember.core.shape.Box;

/** How a design, or what is in one of its bakes, goes on the tray. */
public enum Pose {
    STANDS("stands"),
    /** On its back: its height lies along the tray. */
    LIES("lies on its back"),
    /** On its side: its height lies across the tray, its width points up. */
    ON_SIDE("lies on its side"),
    /** From a wire over the tray. */
    HANGS("hangs, 15 mm of hook above it"),
    /** With its back on a cup of 50 mm behind it, 20° from upright. */
    LEANS("leans on a cup, 50 mm wide");

    private static final double HOOK_MM = 15;
    private static final double CUP_MM = 50;
    private static final double LEAN = Math.toRadians(20);

    private final String label;

    Pose(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** The room it takes on the tray, with what holds it. */
    Box onTray(Box box) {
        Length height = box.height();
        return switch (this) {
            case STANDS -> box;
            case LIES -> new Box(box.width(), /* depth= */ height, /* height= */ box.depth());
            case ON_SIDE -> new Box(/* width= */ height, box.depth(), /* height= */ box.width());
            case HANGS -> new Box(box.width(), box.depth(), new Length(height.mm() + HOOK_MM));
            case LEANS -> leaning(box);
        };
    }

    private static Box leaning(Box box) {
        double high = box.height().mm();
        double deep = box.depth().mm();
        return new Box(
                new Length(Math.max(box.width().mm(), CUP_MM)),
                new Length(high * Math.sin(LEAN) + deep * Math.cos(LEAN) + CUP_MM),
                new Length(high * Math.cos(LEAN) + deep * Math.sin(LEAN)));
    }
}
