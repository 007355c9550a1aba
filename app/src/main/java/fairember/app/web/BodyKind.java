package fairember.app.web;

import fairember.core.input.InputError;

/** What a body may be, by where it is sent, and how large. */
enum BodyKind {
    /** Forms and questions in JSON. */
    JSON(2, "2 MB of JSON"),
    /** Drawings of outlines. */
    DRAWING(6, "6 MB with the drawing in it"),
    /** What a probe read, and lines of the daybook. */
    READINGS(16, "16 MB of lines"),
    /** A photo. */
    PICTURE(25, "a picture of up to 25 MB"),
    /** A copy of a whole studio; its controller writes it to the disk as it comes and counts by itself. */
    STREAMED(0, "");

    private final int most;
    private final String allowed;

    BodyKind(int mb, String allowed) {
        this.most = mb * BodyLimits.MB;
        this.allowed = allowed;
    }

    static BodyKind of(String path) {
        if (path.equals("/api/studio/copy")) {
            return STREAMED;
        }
        if (path.endsWith("/readings") || path.endsWith(".csv")) {
            return READINGS;
        }
        if (path.endsWith("/photo")) {
            return PICTURE;
        }
        return path.equals("/api/outlines") ? DRAWING : JSON;
    }

    /** Most bytes. */
    int most() {
        return most;
    }

    InputError tooLarge() {
        return new InputError("", "more", allowed, "Send less at a time. Nothing was changed.");
    }
}
