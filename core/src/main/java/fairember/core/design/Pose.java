package fairember.core.design;

import fairember.core.shape.Box;

/** How a whole design goes on the tray. */
public enum Pose {
    STANDS("stands"),
    /** On its back: its height lies along the tray. */
    LIES("lies on its back");

    private final String label;

    Pose(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** The box as it stands on the tray. */
    Box onTray(Box box) {
        return this == STANDS ? box : new Box(box.width(), /* depth= */ box.height(), /* height= */ box.depth());
    }
}
