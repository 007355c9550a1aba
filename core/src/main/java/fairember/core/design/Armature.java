package fairember.core.design;

import fairember.core.document.Default;
import fairember.core.wire.Wire;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a design is built on and hangs from.
 *
 * @param inserts up to {@value #MOST}
 * @param wires up to {@value #MOST}
 * @param pin it hangs from, or null
 * @param nonClay what else is not clay, up to {@value #MOST}
 */
public record Armature(
        @Default("[]") List<Insert> inserts,
        @Default("[]") List<Wire> wires,
        @Nullable Pin pin,
        @Default("[]") List<NonClay> nonClay) {
    public static final Armature NONE = new Armature(List.of(), List.of(), null);
    static final int MOST = 20;

    /** Inserts, wires and a pin alone. */
    public Armature(List<Insert> inserts, List<Wire> wires, @Nullable Pin pin) {
        this(inserts, wires, pin, List.of());
    }

    public Armature {
        inserts = List.copyOf(inserts);
        wires = List.copyOf(wires);
        nonClay = List.copyOf(nonClay);
    }
}
