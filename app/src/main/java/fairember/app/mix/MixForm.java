package fairember.app.mix;

import fairember.core.colour.Effect;
import fairember.core.mix.MixUnit;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A recipe in parts of stock clays and of other mixes.
 *
 * @param unit what the parts count; whole or broken parts when not said
 * @param inclusions what is added; nothing when not said
 * @param retired whether it is kept only for what was made with it; not so when not said
 */
public record MixForm(
        String name,
        List<MixPartForm> parts,
        @Nullable MixUnit unit,
        @Nullable List<InclusionForm> inclusions,
        @Nullable Boolean retired) {
    /** A number of parts of a clay or of a mix: one of the two numbers is given. */
    public record MixPartForm(
            @Nullable Long clayId, @Nullable Long mixId, double parts) {}

    /** Something added, by weight of the clay; the price is of 100 g. */
    public record InclusionForm(String name, double percent, Effect effect, long priceMinor) {}
}
