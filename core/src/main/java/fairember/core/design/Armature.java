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
 */
public record Armature(
        @Default("[]") List<Insert> inserts,
        @Default("[]") List<Wire> wires,
        @Nullable Pin pin) {
    public static final Armature NONE = new Armature(List.of(), List.of(), null);
    static final int MOST = 20;

    public Armature {
        inserts = List.copyOf(inserts);
        wires = List.copyOf(wires);
    }
}
